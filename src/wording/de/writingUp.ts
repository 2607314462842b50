import type { Translation } from "../language/texts";
import type { writingUp as english } from "../en/writingUp";

export const writingUp = {
  blockWords: {
    title: "Titel",
    text: "Text",
    recording: "Aufzeichnung",
    readings: "Messwerte",
    processed: "berechnete Werte",
    example: "Beispielrechnung",
    figure: "Diagramm",
    line: "Geraden und Grenzgeraden",
    result: "Ergebnis",
    comparison: "Vergleich",
  },
  sections: {
    aim: { heading: "Aufgabe", hint: "Was bestimmt werden soll, und woraus." },
    method: {
      heading: "Aufbau und Durchführung",
      hint: "Was auf dem Tisch stand, was womit gemessen und was gleich gehalten wurde.",
    },
    discussion: {
      heading: "Diskussion",
      hint: "Was das Ergebnis sagt, woher sein ± kommt, was systematisch sein könnte, was besser ginge.",
    },
    references: { heading: "Quellen", hint: "Woher Literaturwerte und Verfahren stammen." },
  },
  missingWords: {
    table: "Diese Tabelle gibt es nicht mehr.",
    readings: "Die Tabelle enthält noch keine Messwerte.",
    recording: "Diese Aufzeichnung gibt es nicht mehr, oder sie enthält keine Messwerte.",
    derived: "In dieser Tabelle ist nichts berechnet: bei „Berechnen“ eine Formel schreiben.",
    figure: "Das Diagramm zeigt noch keine Punkte: bei „Diagramm“ seine Achsen wählen.",
    example:
      "Es gibt nichts Berechnetes zu zeigen: Dazu braucht es eine Formel und eine Zeile mit Messwerten.",
    line: "Das Diagramm hat noch keine Gerade: Es braucht Messwerte beider Größen.",
    result: "Dieses Ergebnis gibt es nicht mehr.",
    accepted: "Es gibt keinen Literaturwert: bei „Ergebnis“ einen eintippen.",
  },
} satisfies Translation<typeof english>;
