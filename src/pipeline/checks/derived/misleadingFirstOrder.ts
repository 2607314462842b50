import { standardPart } from "@/core/uncertainty/readingUncertainty";
import { compile } from "@/core/expression/compile";
import { drawnDeviation } from "@/core/uncertainty/monteCarlo";
import { LatestByName } from "@/remembered/latest";
import { derivedCell, isFinding } from "../../derived/derivedCell";
import { partsBy } from "../../derived/derivedQuantities";
import { drawingOf } from "../../derived/drawnInputs";
import { type DerivedCheck, type DerivedLook, type LookedRow, relativeSize } from "./derivedLook";

const draws = 20_000;
const seed = 4;
/** calculation § 3: more than 5 % of the ± apart, or a relative ± beyond 30 %. */
const apartAtMost = 0.05;
const relativeAtMost = 0.3;
/** Below this no formula of a bench is bent enough within its ±. */
const relativeAtLeast = 0.02;

/** Most keys change another row than the least sure one, whose draws stay the same. */
const deviations = new LatestByName<{ readonly deviation: number | undefined }>(100);

/** The standard deviation of the draws of a row. */
function drawn(look: DerivedLook, row: number): number | undefined {
  const { column, quantities, rules } = look;
  const drawing = drawingOf(column, row, quantities, rules);
  if (!drawing) return undefined;
  const name = JSON.stringify(drawing);
  const known = deviations.of(name);
  if (known) return known.deviation;
  const place = (symbol: string, shift: number) => drawing.inputIndices[`${symbol}+${shift}`] ?? 0;
  const formula = compile(drawing.expression, place);
  const deviation = drawnDeviation(formula, drawing.inputs, draws, seed);
  return deviations.keep(name, { deviation }).deviation;
}

/** The standard deviation to first order; a limit Δ stands for a rectangle of Δ/√3 (GUM 4.3.7). */
function firstOrder({ column, rules }: DerivedLook, row: number): number {
  const cell = derivedCell(column, row);
  if (!cell || isFinding(cell)) return 0;
  const each = standardPart(rules.uncertaintyMeans);
  const parts = partsBy("quadrature", cell, column);
  return each * Math.hypot(parts.row, parts.common);
}

/** The least sure row is drawn a few thousand times and compared with straight-line propagation. */
export const misleadingFirstOrder: DerivedCheck = (look) => {
  const worst = look.rows.reduce<LookedRow | undefined>(
    (found, one) => (!found || relativeSize(one) > relativeSize(found) ? one : found),
    undefined,
  );
  const relative = worst ? relativeSize(worst) : 0;
  if (!worst || relative < relativeAtLeast) return [];
  if (relative > relativeAtMost) {
    return [{ name: "large-relative-uncertainty", percent: Math.round(relative * 100) }];
  }
  const straight = firstOrder(look, worst.row);
  const found = straight > 0 ? drawn(look, worst.row) : undefined;
  const apart = found !== undefined ? Math.abs(found - straight) / straight : 0;
  if (apart <= apartAtMost) return [];
  return [{ name: "first-order-misleads", percent: Math.round(apart * 100), row: worst.row + 1 }];
};
