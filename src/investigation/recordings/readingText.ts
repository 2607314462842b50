import { roundStatement } from "@/core/number/statement";
import { writeWithoutPower } from "@/core/number/writtenNumber";
import { limitOf, standardOf } from "@/core/recording/readOff";
import { convert, understandUnit } from "@/core/unit/understandUnit";
import type { HouseRules } from "../model/houseRules";
import type { ReadOffEntry } from "../model/recording";

type Came = Pick<ReadOffEntry, "value" | "random" | "common" | "unit">;

/** A value with its ± as the house rules mean it, in a unit; undefined where there is none, or the unit is of another kind. */
export function inUnit(
  came: Came,
  unit: string,
  rules: HouseRules,
): { value: number; uncertainty: number | undefined } | undefined {
  const { value, random, common } = came;
  if (value === null) return undefined;
  const means = rules.uncertaintyMeans === "limit" ? limitOf : standardOf;
  const size = random === null || common === null ? undefined : means({ value, random, common });
  if (unit.trim() === came.unit.trim()) return { value, uncertainty: size };
  const [from, to] = [understandUnit(came.unit), understandUnit(unit)];
  if (from.kind === "unreadable" || to.kind === "unreadable") return undefined;
  const converted = convert(value, from.unit, to.unit);
  if (converted === undefined) return undefined;
  const part = from.unit.factor / to.unit.factor;
  return { value: converted, uncertainty: size === undefined ? undefined : size * part };
}

/** How many figures the ± of something read off has: a second one where the first is a 1, as it is worked on with. */
export const figuresOfReading = (rules: HouseRules): HouseRules["figuresOfUncertainty"] =>
  rules.figuresOfUncertainty === "two" ? "two" : "one-or-two";

/**
 * A reading as it is written into a cell: "0.7284 ± 0.0006".
 * @returns undefined where there is no value, or the unit is of another kind.
 */
export function readingText(came: Came, unit: string, rules: HouseRules): string | undefined {
  const found = inUnit(came, unit, rules);
  if (!found) return undefined;
  const { value, uncertainty } = found;
  const mark = (text: string) => (rules.decimalMark === "comma" ? text.replaceAll(".", ",") : text);
  if (!uncertainty) {
    return mark(writeWithoutPower(Number.isInteger(value) ? value : Number(value.toPrecision(6))));
  }
  const stated = roundStatement(value, uncertainty, figuresOfReading(rules));
  return mark(`${stated.value} ± ${stated.uncertainty}`);
}
