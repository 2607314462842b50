import { plainFigure } from "./figure";
import { begunIn, type ReportLanguage, readySets } from "./houseRules";
import { documentVersion, type Investigation } from "./investigation";
import { plainQuantity } from "./quantity";
import { emptyWriteUp } from "./writeUp";

/** The table that a new investigation begins with. */
export const firstTable = "main";

/** A new investigation: two unnamed quantities to type into at once, set on the axes of one figure; written in a language. */
export function emptyInvestigation(title = "", language: ReportLanguage = "en"): Investigation {
  return {
    version: documentVersion,
    title,
    tables: { [firstTable]: { order: "a0", name: "" } },
    series: {},
    quantities: {
      x: plainQuantity("a0", firstTable, "x"),
      y: plainQuantity("a1", firstTable, "y"),
    },
    rows: {},
    recordings: {},
    readOffs: {},
    constants: {},
    instruments: {},
    figures: { main: plainFigure("a0", "x", "y") },
    ownLook: null,
    examples: {},
    theory: "",
    board: { x: null, y: null, ownX: "", ownY: "" },
    results: {},
    writeUp: emptyWriteUp(),
    houseRules: begunIn(language, readySets["limits-worst-case"]),
    dismissed: {},
    brief: null,
  };
}
