import type { Finding } from "@/core/finding/finding";
import type { LineFit } from "@/core/fit/lineFit";
import type { Figure } from "@/investigation/model/figure";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { FigureFit, FigurePoints } from "../../lines/fit";
import type { LineRange } from "../../lines/lineRange";
import { statedLine, type StatedLine } from "../../lines/statedLine";
import type { Residuals } from "../../lines/residuals";

/** What the checks of one line look at. */
export interface SlopeLooked {
  readonly figure: Figure;
  readonly fit: FigureFit;
  readonly points: FigurePoints;
  readonly line: LineFit;
  readonly range: LineRange | undefined;
  readonly off: Residuals;
  readonly rules: HouseRules;
  /** The slope without each reading, by their places; empty where there are very many. */
  readonly without: readonly (number | undefined)[];
}

/** Looks at one line; every check is a file of its own. */
export type SlopeCheck = (looked: SlopeLooked) => readonly Finding[];

/** The ± that the slope is stated with; 0 where none is known. */
export function sizeOfSlope(looked: SlopeLooked): number {
  return statedOf(looked).ofSlope;
}

/** The line as it is stated. */
export function statedOf({ figure, fit, points, line, range, rules }: SlopeLooked): StatedLine {
  return statedLine({ figure, table: fit.table, one: { fitted: points }, line, range }, rules);
}

/** The place of a point's row in its table, from 1. */
export function rowNumber({ fit, points }: SlopeLooked, index: number): number {
  const id = points.rows[index]?.id;
  return fit.table.rows.findIndex((row) => row.id === id) + 1;
}
