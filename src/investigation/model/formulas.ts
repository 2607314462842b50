import { renamedInFormula } from "@/core/expression/renamedInFormula";
import { symbolName } from "@/core/expression/spelling";
import type { Investigation } from "./investigation";
import { inOrder } from "./order";
import type { RichText } from "./richText";

/** Where a formula stands in a document. */
export type FormulaPlace =
  | { readonly kind: "quantity" | "result"; readonly id: string }
  | { readonly kind: "curve"; readonly id: string; readonly figure: string }
  | { readonly kind: "theory" | "board" }
  | { readonly kind: "block"; readonly id: string };

type Change = (text: string, place: FormulaPlace) => string;

function inText(text: RichText, change: (formula: string) => string): RichText {
  return text.map((paragraph) => ({
    ...paragraph,
    inlines: paragraph.inlines.map((inline) =>
      inline.kind === "formula" ? { ...inline, text: change(inline.text) } : inline,
    ),
  }));
}

const holdsFormula = (text: RichText) =>
  text.some(({ inlines }) => inlines.some(({ kind }) => kind === "formula"));

/** Changes every formula of a draft: this is the list of all places where formulas live. */
export function changeFormulas(draft: Investigation, change: Change): void {
  for (const [id, quantity] of Object.entries(draft.quantities)) {
    if (quantity.formula) quantity.formula = change(quantity.formula, { kind: "quantity", id });
  }
  for (const [id, result] of Object.entries(draft.results)) {
    if (result.formula) result.formula = change(result.formula, { kind: "result", id });
  }
  for (const [figure, { curves }] of Object.entries(draft.figures)) {
    for (const [id, curve] of Object.entries(curves)) {
      if (curve.formula) curve.formula = change(curve.formula, { kind: "curve", id, figure });
    }
  }
  if (draft.theory) draft.theory = change(draft.theory, { kind: "theory" });
  const { board } = draft;
  if (board.ownX) board.ownX = change(board.ownX, { kind: "board" });
  if (board.ownY) board.ownY = change(board.ownY, { kind: "board" });
  for (const [id, block] of Object.entries(draft.writeUp.blocks)) {
    if (!holdsFormula(block.text)) continue;
    block.text = inText(block.text, (formula) => change(formula, { kind: "block", id }));
  }
}

/** A copy of what holds formulas, to be written to. */
function writable(document: Investigation): Investigation {
  const { quantities, results, figures, board, writeUp } = document;
  return { ...document, ...structuredClone({ quantities, results, figures, board, writeUp }) };
}

/** Every place whose formula names a symbol. */
export function formulasNaming(document: Investigation, symbol: string): readonly FormulaPlace[] {
  const found: FormulaPlace[] = [];
  if (symbolName(symbol) === "") return found;
  changeFormulas(writable(document), (text, place) => {
    if (renamedInFormula(text, symbol, "Q_looked_for") !== text) found.push(place);
    return text;
  });
  return found;
}

/** The table that a place belongs to; undefined where it belongs to the whole investigation. */
function tableOf(draft: Investigation, place: FormulaPlace): string | undefined {
  if (place.kind === "quantity") return draft.quantities[place.id]?.table;
  if (place.kind !== "curve") return undefined;
  const { x } = draft.figures[place.figure] ?? {};
  return x ? draft.quantities[x]?.table : undefined;
}

/**
 * Calls a symbol otherwise in every formula that means it.
 * @param table whose quantity it is; undefined for what is known in the whole investigation, such as a constant.
 */
export function renameInFormulas(
  draft: Investigation,
  from: string,
  to: string,
  table?: string,
): void {
  const elsewhere = inOrder(draft.quantities).some(
    ([, one]) => one.table !== table && symbolName(one.symbol) === symbolName(from),
  );
  changeFormulas(draft, (text, place) => {
    const own = tableOf(draft, place);
    const means = table === undefined || (own === undefined ? !elsewhere : own === table);
    return means ? renamedInFormula(text, from, to) : text;
  });
}
