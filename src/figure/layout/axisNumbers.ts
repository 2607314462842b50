import type { RunText } from "@/core/unit/runText";
import {
  type Decimal,
  decimalFromNumber,
  decimalToText,
  leadingPlace,
  roundToPlace,
  timesPowerOfTen,
} from "@/core/number/decimal";
import { withMinusSign } from "@/core/number/writtenNumber";
import type { AxisSpecification } from "../specification";
import type { AxisScale } from "./axisScale";

/** A number at a tick holds no more digits than its step gave it. */
const digitsOfTick = 12;

const mostDecimals = 9;

/** A tick's value without zeros at its end. */
function tickDecimal(value: number): Decimal {
  const read = decimalFromNumber(Number(value.toPrecision(digitsOfTick)) || 0);
  let { digits, exponent } = read;
  while (digits !== 0n && digits % 10n === 0n) {
    digits /= 10n;
    exponent += 1;
  }
  return { ...read, digits, exponent };
}

/** How many decimals the longest of these needs. */
const needed = (numbers: readonly Decimal[]) =>
  Math.max(0, ...numbers.map(({ digits, exponent }) => (digits === 0n ? 0 : -exponent)));

function powerRuns(power: number): RunText {
  return [{ text: "×10" }, { text: withMinusSign(String(power)), script: "super" }];
}

/** Numbers in one power of ten with as many decimals as all of them need, and no fewer than wanted. */
function alike(values: readonly number[], power: number, decimals: number): readonly RunText[] {
  const numbers = values.map((value) => timesPowerOfTen(tickDecimal(value), -power));
  const place = -Math.min(mostDecimals, Math.max(needed(numbers), decimals));
  return numbers.map((number) => [{ text: withMinusSign(decimalToText(roundToPlace(number, place))) }]); // prettier-ignore
}

/** Each number in its own power of ten, 2.5×10³; zero is 0. */
function eachAlone(values: readonly number[], decimals: number): readonly RunText[] {
  const parts = values.map((value) => {
    const number = tickDecimal(value);
    const power = leadingPlace(number) ?? 0;
    return { power, number: timesPowerOfTen(number, -power) };
  });
  const place = -Math.min(mostDecimals, Math.max(needed(parts.map(({ number }) => number)), decimals)); // prettier-ignore
  return parts.map(({ number, power }) =>
    number.digits === 0n
      ? [{ text: "0" }]
      : [{ text: withMinusSign(decimalToText(roundToPlace(number, place))) }, ...powerRuns(power)],
  );
}

/**
 * The scale with its numbers written as the axis wants it. No number is rounded: a tick at 0.25 keeps both its decimals
 * where only one is wanted, since 0.3 would stand at a wrong place.
 */
export function withNumbers(scale: AxisScale, axis: AxisSpecification): AxisScale {
  const { numbers = "fit", decimals = 0 } = axis;
  if (numbers === "fit" && decimals === 0) return scale;
  if (scale.kind === "log" && numbers !== "plain" && numbers !== "each") return scale;
  const values = scale.ticks.map(({ value }) => value);
  const largest = Math.max(...values.map(Math.abs), Number.MIN_VALUE);
  const powers = {
    fit: scale.power,
    plain: 0,
    each: 0,
    shared: Math.floor(Math.log10(largest) + 1e-9),
  };
  const power = powers[numbers];
  const plainly = (value: number): RunText => alike([value], 0, decimals)[0] as RunText;
  const labels =
    numbers === "each"
      ? eachAlone(values, decimals)
      : scale.kind === "log"
        ? values.map(plainly)
        : alike(values, power, decimals);
  const ticks = scale.ticks.map(({ value }, at) => ({ value, label: labels[at] as RunText }));
  return { ...scale, power, ticks };
}
