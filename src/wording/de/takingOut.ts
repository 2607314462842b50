import type { Translation } from "../language/texts";
import type { takingOut as english } from "../en/takingOut";

export const takingOut = {
  takingWords: {
    making: "{kind} wird erstellt …",
    howFar: "{work} {percent} %",
    made: "{name} ist erstellt.",
    away: "{kind} wurde nicht erstellt: Etwas dafür ließ sich nicht laden. Die Verbindung prüfen und noch einmal versuchen.",
    fault:
      "{kind} ließ sich nicht erstellen. Der Fehler liegt bei Fathom Rule, nicht an der Auswertung oder der Verbindung, und ist gemeldet. Inzwischen eine andere Art ausgeben.",
    copied: "Das Diagramm ist in der Zwischenablage.",
    notCopied: "Der Browser ließ das Diagramm nicht in die Zwischenablage. Als Datei ausgeben.",
    goOn: "{kind} mit leeren Kästchen erstellen",
    leave: "Lassen",
    giveUp: "Abbrechen",
  },
  onePageWords: {
    question: "Tabelle und Diagramm auf einer Seite:",
    kind: "Seite auf {paper}",
    tooLong:
      "Die Tabelle mit {rows} Zeilen und ihr Diagramm passen in lesbarer Schrift nicht auf eine Seite {paper}.",
    columns: "Spalten der Tabelle",
    pages: "Auf {count} Seiten",
    one: "Mit diesen Spalten auf einer Seite",
    notOne: "Passt noch nicht auf eine Seite",
    leave: "Lassen",
  },
  quoted: "„{word}“",
  more: "{count} weitere",
  unheld:
    "Keine Schrift hier enthält alle Zeichen von {words}. Im Ergebnis ({kind}) stünde für jedes fehlende ein leeres Kästchen.",
  tex: {
    thinned:
      "TeX hat keinen Platz für so viele Punkte: Gezeichnet sind {points}, gleichmäßig verteilt. Die Geraden sind die aller Punkte.",
    ofPoints: "{drawn} von {of} Punkten",
    engine:
      "Mit LuaLaTeX setzen: pdfLaTeX hat für einige Zeichen keine Schrift und zeigt stattdessen ihre Nummern.",
  },
} satisfies Translation<typeof english>;
