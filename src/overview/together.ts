import { givenText } from "@/core/number/givenNumber";
import { readNumber } from "@/core/number/readNumber";
import { compare } from "@/core/result/comparison";
import { writeNumber } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { understandUnit } from "@/core/unit/understandUnit";
import { weightedMean } from "@/core/statistics/weightedMean";
import { writeUnitText } from "@/core/unit/unitText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { AcceptedValue } from "@/investigation/model/result";
import { givenRuns, statementRuns } from "@/output/report/statements";
import { alike, type Agreement, classSummary } from "./classSummary";
import type { StatedResult } from "./glance";

/** What a bench came to. */
export interface OfBench {
  readonly number: number;
  readonly result: StatedResult;
}

/** Where a value with its ± lies, in the unit in which the class compares. */
export interface OnLine {
  readonly value: number;
  readonly uncertainty: number;
}

/** A bench whose result does not fit those of the others. */
export interface StandsApart {
  readonly bench: number;
  /** How many of its ± it is away from the mean of the others: "2.4". */
  readonly by: string;
}

/** The results of all benches on one number line, and what they say together. */
export interface Together {
  readonly name: string;
  readonly symbol: RunText;
  readonly unit: RunText;
  readonly decimalMark: HouseRules["decimalMark"];
  readonly headings: HouseRules["headings"];
  readonly places: readonly (OnLine & { readonly bench: number })[];
  readonly accepted?: OnLine & {
    readonly runs: RunText;
    /** Whether the mean and it have a value in common within their ±. */
    readonly meets: boolean;
  };
  readonly mean?: OnLine & {
    readonly runs: RunText;
    readonly of: number;
    readonly reducedChiSquared?: string;
    readonly agreement?: Agreement;
  };
  readonly apart: readonly StandsApart[];
  /** Benches whose result is of another dimension, and those that know no ±. */
  readonly elsewhere: readonly number[];
  readonly unsure: readonly number[];
}

/** What an experiment is after: how its pattern states the result, and what that is held against. */
export interface Sought {
  readonly unit: string;
  readonly accepted?: AcceptedValue;
}

type Scale = Pick<StatedResult, "factor" | "offset">;

/** A value stands apart beyond so many combined standard uncertainties from the mean of the others. */
const mostAway = 2;
/** With fewer results nobody can say which of them is off. */
const fewest = 3;

/** Each that stands apart from the weighted mean of all others, not of itself. */
function standingApart(results: readonly OfBench[], decimalMark: HouseRules["decimalMark"]): StandsApart[] {
  if (results.length < fewest) return [];
  return results.flatMap(({ number, result: { value, uncertainty } }) => {
    const others = results.filter((one) => one.number !== number).map(({ result }) => result);
    const found = weightedMean(others);
    if (!found) return [];
    const distance = Math.abs(value - found.mean);
    if (distance <= mostAway * Math.hypot(uncertainty, found.uncertainty)) return [];
    return [{ bench: number, by: few(distance / uncertainty, decimalMark) }];
  });
} // prettier-ignore

/** A number of two figures as the house writes it. */
function few(value: number, decimalMark: HouseRules["decimalMark"]): string {
  const { mantissa, exponent } = writeNumber(value, 2);
  const text = exponent === undefined ? mantissa : `${mantissa} × 10^${exponent}`;
  return decimalMark === "comma" ? text.replace(".", ",") : text;
}

/** Where a value in SI units lies in the unit in which a result is stated. */
function onLine(value: number, uncertainty: number, shown: Scale): OnLine {
  return {
    value: (value - shown.offset) / shown.factor,
    uncertainty: uncertainty / Math.abs(shown.factor),
  };
}

function acceptedOnLine(
  { unit, accepted }: Sought,
  shown: StatedResult,
  rules: HouseRules,
): Omit<NonNullable<Together["accepted"]>, "meets"> | undefined {
  if (!accepted) return undefined;
  const read = readNumber(accepted.value, rules.decimalMark);
  if (read.kind !== "number") return undefined;
  const own = readNumber(accepted.uncertainty, rules.decimalMark);
  const size = own.kind === "number" ? own.number.value : (read.number.uncertainty ?? 0);
  const given = givenText(accepted.value, accepted.uncertainty, rules.decimalMark);
  if (!given) return undefined;
  const typed = unit.trim() === "" ? undefined : understandUnit(unit);
  const { factor, offset }: Scale = typed?.kind === "unit" ? typed.unit : shown;
  const runs = givenRuns(given, unit || shown.unitText, rules);
  const place = onLine(read.number.value * factor + offset, Math.abs(size * factor), shown);
  return { value: place.value, uncertainty: place.uncertainty, runs };
}

function meanOf(
  results: readonly OfBench[],
  first: StatedResult,
  rules: HouseRules,
): Together["mean"] {
  const found = classSummary(results.map(({ result }) => result));
  if (!found) return undefined;
  const { of, reducedChiSquared: chi, agreement } = found;
  const { value, uncertainty } = onLine(found.mean, found.uncertainty, first);
  const runs = statementRuns(value, uncertainty, first.unitText, rules);
  return {
    value,
    uncertainty,
    runs,
    of,
    ...(chi !== undefined && { reducedChiSquared: few(chi, rules.decimalMark) }),
    ...(agreement && { agreement }),
  };
}

/** The kind of result that most benches have; the first of them where several are as many. */
function commonKind(all: readonly OfBench[]): readonly OfBench[] {
  const kinds = all.map(({ result }) => all.filter((one) => alike(one.result, result)));
  return kinds.reduce((most, one) => (one.length > most.length ? one : most), kinds[0] ?? []);
}

/**
 * What the results of all benches say together, in the unit in which the first of them states it.
 * @param sought what the experiment is after; @param rules the house rules by which numbers are written.
 * @returns undefined where no bench has a result yet.
 */
export function together(
  all: readonly OfBench[],
  sought: Sought,
  rules: HouseRules,
): Together | undefined {
  const common = commonKind(all);
  const [first] = common;
  if (!first) return undefined;
  const { name, symbol, unitText } = first.result;
  const known = common.filter(({ result }) => result.uncertainty > 0);
  const accepted = acceptedOnLine(sought, first.result, rules);
  const mean = meanOf(known, first.result, rules);
  return {
    name,
    symbol,
    unit: writeUnitText(unitText),
    decimalMark: rules.decimalMark,
    headings: rules.headings,
    places: common.map(({ number, result }) => {
      const { value, uncertainty } = onLine(result.value, result.uncertainty, first.result);
      return { bench: number, value, uncertainty };
    }),
    ...(accepted && {
      accepted: { ...accepted, meets: mean !== undefined && compare(mean, accepted).meet },
    }),
    ...(mean && { mean }),
    apart: standingApart(known, rules.decimalMark),
    elsewhere: all.filter((one) => !common.includes(one)).map(({ number }) => number),
    unsure: common.filter((one) => !known.includes(one)).map(({ number }) => number),
  };
}
