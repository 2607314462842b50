import { about } from "./language/numbers";
import type { LineFit } from "@/core/fit/lineFit";
import type { LineChoice, Straightedge } from "@/investigation/model/figure";
import type { StatedLine } from "@/pipeline/lines/statedLine";
import { rowsInWords } from "./rowsInWords";
import type { HouseRules } from "@/investigation/model/houseRules";
import { lines } from "./en/lines";
import { worded } from "./language/worded";

const texts = worded("lines", lines);

export const weightWords: Readonly<Record<LineChoice["weights"], string>> = texts.weightWords;

export const heldWords: Readonly<Record<LineChoice["held"], string>> = texts.heldWords;

/** How the best line was found, in a sentence. */
export function lineSentence(
  { weighting, relativeWeights }: LineFit,
  { uncertaintyMeans }: HouseRules,
): string {
  if (weighting === "none") return texts.found.alike;
  return texts.found.weighted({
    weighting,
    limit: uncertaintyMeans === "limit" ? "yes" : "no",
    relative: relativeWeights ? "yes" : "no",
  });
}

/** What the ± of a line is, in a sentence. */
export function statedSentence(stated: StatedLine): string {
  return texts.stated[howStated(stated)][stated.withConstants ? "constants" : "alone"];
}

function howStated({ by, range }: StatedLine): keyof typeof texts.stated {
  if (by !== "range") return by;
  return range?.factor === undefined ? "half" : "confidence";
}

/** What the ± of a value read off a line is, in a sentence. */
export const readOffSentence = (by: StatedLine["by"]): string =>
  by === "range" ? texts.readOff.range : texts.readOff.error;

/** That the best line turns further than its own range, in a sentence; which boxes it misses. */
export const outsideRangeSentence = (rows: readonly number[]): string =>
  rows.length === 0
    ? texts.outsideRange.unnamed
    : texts.outsideRange.named({ count: rows.length, rows: rowsInWords(rows) });

/** That the drawn lines cross near zero, in a sentence. */
export const crossNearZero = (): string => texts.crossNearZero;

/** Where the slope range comes from, in a sentence. */
export const rangeSentences: Readonly<Record<HouseRules["slopeRange"], string>> =
  texts.rangeSentences;

/** What to do when no line meets every box. */
export const noRangeSentence = (factor: number): string =>
  texts.noRange({ times: about(factor, 2) });

/** Whether the intercept may be zero, and what that means, in a sentence. */
export function interceptSentence(found: {
  readonly intercept: number;
  readonly half: number | undefined;
  readonly held: boolean;
  readonly expected: boolean;
}): string {
  const { intercept, half, held, expected } = found;
  if (held) return texts.intercept.held;
  if (!half) return texts.intercept.unknown;
  const said = Math.abs(intercept) <= half ? texts.intercept.within : texts.intercept.beyond;
  return expected ? said.expected : said.free;
}

/** What a straightedge may stand for. */
export const edgeRoleWords: Readonly<Record<Straightedge["role"], string>> = texts.edgeRoleWords;

/** Which error boxes a straightedge passes by. */
export function missedSentence(rows: readonly number[]): string {
  if (rows.length === 0) return texts.missed.none;
  const shown = rows.slice(0, 8).join(", ");
  return rows.length > 8
    ? texts.missed.more({ rows: shown, more: rows.length - 8 })
    : texts.missed.some({ count: rows.length, rows: shown });
}

/** What a strict teacher would say of a slope triangle. */
export function triangleRemarks(found: { small: boolean; onReading: boolean }): readonly string[] {
  const { small, onReading, onLine } = texts.triangle;
  return [...(found.small ? [small] : []), found.onReading ? onReading : onLine];
}

export const bandWords: Readonly<Record<LineChoice["bands"], string>> = texts.bandWords;

export const reachWords: Readonly<Record<"paper" | "data", string>> = texts.reachWords;

/** How the readings lie about the line, in words. */
export function patternSentence(
  pattern: readonly ("above" | "below")[] | undefined,
  unlikely: boolean,
): string {
  if (!pattern) return texts.pattern.none;
  if (pattern.length > 6) return texts.pattern.often({ times: pattern.length - 1 });
  const words = pattern.map((side) => texts.sides[side]).join(", ");
  return texts.pattern[unlikely ? "curve" : "scatter"]({ pattern: words });
}

/** What may be ticked where bars count for a line. */
export const lineTicks = texts.lineTicks;
