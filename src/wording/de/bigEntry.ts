import type { Translation } from "../language/texts";
import type { bigEntry as english } from "../en/bigEntry";

export const bigEntry = {
  bigEntryWords: {
    title: "Große Eingabe",
    open: "Große Eingabe",
    key: "Strg+Enter",
    close: "Zurück zur Tabelle",
    row: "Zeile {row}",
    repeat: "Wiederholung {repeat} von {of}",
    reading: "{name}, Zeile {row}",
    next: "Weiter",
    before: "Zurück",
    erase: "Letztes Zeichen löschen",
    sign: "Plus oder minus",
    power: "Mal zehn hoch",
    nothing: "Es gibt keine Spalte zum Eintippen. Zuerst eine Größe hinzufügen.",
    above: "Die Zeilen darüber",
    none: "Noch keine Zeile darüber.",
  },
  cardWords: {
    asTable: "Als Tabelle",
    asCards: "Zeile für Zeile",
    earlier: "Frühere Zeilen",
    later: "Spätere Zeilen",
    list: "Messwerte, Zeile für Zeile",
  },
} satisfies Translation<typeof english>;
