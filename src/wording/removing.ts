import type { Quantity } from "@/investigation/model/quantity";
import type { FormulaUse, Uses } from "@/pipeline/readings/uses";
import { removing } from "./en/removing";
import { withCapital } from "./language/capital";
import { inList } from "./language/listing";
import { worded } from "./language/worded";

const texts = worded("removing", removing);

/** What removing a quantity took along, and the way back. */
export function removalSentence(
  { name, symbol }: Pick<Quantity, "name" | "symbol">,
  { figures, uncertaintyOf, readings, formulas }: Uses,
): string {
  const called = withCapital(name.trim() || symbol.trim() || texts.theQuantity);
  return [
    readings > 0 ? texts.removedWith({ called, readings }) : texts.removed({ called }),
    ...(figures.length > 0 ? [texts.axis({ figures: figures.join(", ") })] : []),
    ...(uncertaintyOf.length > 0 ? [texts.uncertainty({ symbols: uncertaintyOf.join(", ") })] : []),
    ...(formulas.length > 0 ? [formulasSentence(formulas)] : []),
    texts.allBack,
  ].join(" ");
}

function placeOf({ kind, name }: FormulaUse): string {
  const { places } = texts;
  switch (kind) {
    case "quantity":
      return name ? places.quantity({ name }) : places.aQuantity;
    case "result":
      return name ? places.result({ name }) : places.aResult;
    case "curve":
      return places.curve({ name });
    default:
      return places[kind];
  }
}

/** Which formulas name what was removed, and so miss it. */
function formulasSentence(formulas: readonly FormulaUse[]): string {
  const places = [...new Set(formulas.map(placeOf))];
  return texts.misses({ count: places.length, places: withCapital(inList(places)) });
}

/** What removing a constant leaves behind, and the way back. */
export function constantRemovalSentence(called: string, formulas: readonly FormulaUse[]): string {
  return [
    texts.removed({ called }),
    ...(formulas.length > 0 ? [formulasSentence(formulas)] : []),
    texts.itBack,
  ].join(" ");
}

/** What removing a table took along, and the way back. */
export const tableRemovalSentence = (name: string, rows: number): string =>
  `${texts.table({ name, rows })} ${texts.allBack}`;
