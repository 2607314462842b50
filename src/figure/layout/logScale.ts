import type { RunText } from "@/core/unit/runText";
import { withMinusSign } from "@/core/number/writtenNumber";
import type { AxisScale } from "./axisScale";

const digits = [1, 2, 3, 4, 5, 6, 7, 8, 9];
/** Decades between which plain numbers are short. */
const plainFrom = -3;
const plainTo = 4;

const valueOf = (digit: number, decade: number) =>
  decade < 0 ? digit / 10 ** -decade : digit * 10 ** decade;

function labelOf(digit: number, decade: number): RunText {
  if (decade >= plainFrom && decade <= plainTo) {
    return [{ text: String(valueOf(digit, decade)) }];
  }
  const power: RunText = [{ text: "10" }, { text: withMinusSign(String(decade)), script: "super" }];
  return digit === 1 ? power : [{ text: `${digit}×` }, ...power];
}

/** The nearest 1, 2 or 5 × 10ⁿ at or below a value, or at or above it. */
function roundedTo(value: number, up: boolean): number {
  const decade = Math.floor(Math.log10(value) + 1e-12);
  const steps = [
    valueOf(1, decade),
    valueOf(2, decade),
    valueOf(5, decade),
    valueOf(1, decade + 1),
  ];
  return up
    ? (steps.find((step) => step >= value * (1 - 1e-9)) as number)
    : (steps.findLast((step) => step <= value * (1 + 1e-9)) as number);
}

/** Which digits of each decade are numbered: fewer, the more decades there are. */
function numbered(decades: number, most: number): readonly number[] {
  if (decades * 9 <= most) return digits;
  return decades * 3 <= most ? [1, 2, 5] : [1];
}

/**
 * A logarithmic axis: decades, with 1, 2, 5 or every digit numbered where there is room.
 * @param low, high above 0; @param exact keeps both ends to the digit.
 */
export function logScale(low: number, high: number, most: number, exact: boolean): AxisScale {
  const wide = low === high ? [low / 2, high * 2] : [low, high];
  const from = exact ? low : roundedTo(wide[0] as number, false);
  const to = exact && high > low ? high : roundedTo(wide[1] as number, true);
  const [first, last] = [Math.floor(Math.log10(from) + 1e-12), Math.ceil(Math.log10(to) - 1e-12)];
  const shown = numbered(Math.log10(to / from), most);
  const all = Array.from({ length: last - first + 1 }, (_, index) => first + index)
    .flatMap((decade) => digits.map((digit) => ({ digit, decade, value: valueOf(digit, decade) })))
    .filter(({ value }) => value >= from * (1 - 1e-9) && value <= to * (1 + 1e-9));
  const decadesApart = Math.max(1, Math.ceil((last - first) / Math.max(2, most)));
  const isNumbered = ({ digit, decade }: (typeof all)[number]) =>
    shown.includes(digit) && (decade - first) % decadesApart === 0;
  return {
    kind: "log",
    from,
    to,
    power: 0,
    ticks: all
      .filter(isNumbered)
      .map(({ digit, decade, value }) => ({ value, label: labelOf(digit, decade) })),
    minorTicks: all.filter((one) => !isNumbered(one)).map(({ value }) => value),
  };
}
