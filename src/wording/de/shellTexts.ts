import type { Translation } from "../language/texts";
import type { shellTexts as english } from "../en/shellTexts";

export const shellTexts = {
  allKeys: "Alle Tasten",
  undo: "Rückgängig",
  redo: "Wiederholen",
  itIsTooLong: "zu lang",
  signIn: "Anmelden",
  houseRules: "Hausregeln",
  theConventionsOfAClass:
    "Die Gepflogenheiten einer Klasse oder Prüfung. Sie gehören zur Auswertung; Tabellen, Diagramme und Ergebnisse richten sich sofort danach.",
  titleOfTheInvestigation: "Titel der Auswertung",
  toTheShelf: "Zum Regal",
  stages: "Stufen",
  stagenameAltPosition: "{stageName} (Alt+{position})",
} satisfies Translation<typeof english>;
