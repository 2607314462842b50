import type { Translation } from "../language/texts";
import type { shelfTexts as english } from "../en/shelfTexts";

export const shelfTexts = {
  changed: "geändert",
  bringInAnInvestigation: "Auswertung einlesen",
  aJsonFileThatWas:
    "Eine JSON-Datei, die bei „Messen“ ausgegeben wurde. Sie wird zu einer eigenen Auswertung.",
  startFromASample: "Mit einem Beispiel beginnen",
  newTitle: "Neuer Titel",
  rename: "Umbenennen",
  leaveAsItWas: "So lassen",
  duplicate: "Verdoppeln",
  delete: "Löschen",
  lastChangedFirst: "zuletzt geänderte zuerst",
  byTitle: "nach Titel",
  deletedInTheLast30: "In den letzten 30 Tagen gelöscht ({count})",
  putBack: "Zurückstellen",
  searchByTitle: "Nach Titel suchen",
  order: "Reihenfolge",
  undo: "Rückgängig",
  investigations: "Auswertungen",
  theShelfIsEmptyStart:
    "Das Regal ist leer. Eine Auswertung beginnen oder mit einem Beispiel anfangen.",
  noTitleOnTheShelf: "Kein Titel im Regal enthält diese Worte.",
  shelf: "Regal",
  startAnInvestigation: "Auswertung beginnen",
  whatToDo: "Was sich mit „{title}“ machen lässt",
  wasDeleted: "„{title}“ wurde gelöscht.",
} satisfies Translation<typeof english>;
