import type { Translation } from "../language/texts";
import type { tour as english } from "../en/tour";

export const tour = {
  steps: {
    measure:
      "Hier werden Messwerte eingetippt: Enter geht nach unten, Tab nach rechts. Am Rand steht, wie sicher jeder ist.",
    derive:
      "Formeln berechnen weitere Größen, mit Einheit und ±, und zeigen die Rechnung für eine Zeile.",
    straighten:
      "Kleine Diagramme zeigen, welches Paar eine Gerade gibt; eine hier eingetippte Theorie sagt, was ihre Steigung bedeutet.",
    plot: "Das Diagramm, mit Fehlerbalken. Eine Achse, einen Titel oder eine Beschriftung anklicken oder ziehen, um sie zu ändern.",
    slope:
      "Die Ausgleichsgerade und die steilste und flachste, die noch jedes Fehlerrechteck treffen: So sicher ist die Steigung.",
    conclude: "Von der Steigung zur gesuchten Konstanten, neben einem Literaturwert.",
    writeup:
      "Ein Protokoll aus lebenden Tabellen, Diagrammen und Zahlen; dazwischen wird geschrieben, abgegeben wird es als PDF.",
  },
  label: "Ein erster Blick den Maßstab entlang",
  howFar: "{at} von {of}",
  next: "Nächste Stufe",
  end: "An den Tisch",
  skip: "Rundgang überspringen",
} satisfies Translation<typeof english>;
