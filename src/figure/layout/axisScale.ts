import type { RunText } from "@/core/unit/runText";
import { decimalToText } from "@/core/number/decimal";
import { withMinusSign } from "@/core/number/writtenNumber";

/** Ticks at 1, 2 or 5 × 10ⁿ, counted in whole steps so that no tick is off by a rounding. */
export interface AxisScale {
  readonly kind: "linear" | "log";
  readonly from: number;
  readonly to: number;
  readonly ticks: readonly { readonly value: number; readonly label: RunText }[];
  readonly minorTicks: readonly number[];
  /** Labels stand for value ÷ 10^power; 0 where numbers are written plainly. */
  readonly power: number;
}

interface Step {
  readonly digit: 1 | 2 | 5;
  readonly exponent: number;
}

const minorParts = { 1: 5, 2: 4, 5: 5 } as const;

function stepFor(range: number, most: number): Step {
  const rough = range / most;
  const exponent = Math.floor(Math.log10(rough));
  const mantissa = rough / 10 ** exponent;
  if (mantissa > 5) return { digit: 1, exponent: exponent + 1 };
  if (mantissa > 2) return { digit: 5, exponent };
  return mantissa > 1 ? { digit: 2, exponent } : { digit: 1, exponent };
}

/** Division where 10⁻ⁿ is not exact in binary, multiplication where 10ⁿ is. */
function timesStep(count: number, { digit, exponent }: Step): number {
  const whole = count * digit || 0;
  return exponent < 0 ? whole / 10 ** -exponent : whole * 10 ** exponent;
}

/** Powers of ten go to the axis label when plain numbers would be long. */
function powerFor(from: number, to: number): number {
  const largest = Math.floor(Math.log10(Math.max(Math.abs(from), Math.abs(to))));
  return largest >= 5 || largest <= -4 ? 3 * Math.floor(largest / 3) : 0;
}

function tickLabel(count: number, step: Step, power: number): string {
  const exponent = step.exponent - power;
  const digits = BigInt(Math.abs(count * step.digit));
  return withMinusSign(decimalToText({ negative: count < 0, digits, exponent }));
}

/** Zero belongs to the paper when it is near: the first reading lies below 3/10 of the last. */
function widened(low: number, high: number): [number, number] {
  if (low === high) {
    const half = low === 0 ? 1 : Math.abs(low) / 2;
    return [low - half, high + half];
  }
  if (low > 0 && low < 0.3 * high) return [0, high];
  if (high < 0 && high > 0.3 * low) return [low, 0];
  return [low, high];
}

/** Ticks from the first count to the last, numbered, with finer ones between. */
function stepped(first: number, last: number, step: Step): AxisScale {
  const from = timesStep(first, step);
  const to = timesStep(last, step);
  const power = powerFor(from, to);
  const counts = Array.from({ length: last - first + 1 }, (_, index) => first + index);
  const parts = minorParts[step.digit];
  const minorTicks = counts
    .slice(0, -1)
    .flatMap((count) =>
      Array.from({ length: parts - 1 }, (_, part) => timesStep(count + (part + 1) / parts, step)),
    );
  const ticks = counts.map((count) => ({
    value: timesStep(count, step),
    label: [{ text: tickLabel(count, step, power) }],
  }));
  return { kind: "linear", from, to, power, minorTicks, ticks };
}

/**
 * The axis that fills the paper: from the last tick below the readings to the first above them.
 * @param low, high what must be on the paper, error bars included; finite.
 * @param most about how many ticks there is room for, at least 2.
 */
export function fillThePaper(low: number, high: number, most: number): AxisScale {
  const [least, greatest] = widened(low, high);
  const step = stepFor(greatest - least, most);
  const size = timesStep(1, step);
  return stepped(Math.floor(least / size + 1e-9), Math.ceil(greatest / size - 1e-9), step);
}

/** The axis that fills the paper and has 0 on it, at an end wherever that is possible. */
export function startAtZero(low: number, high: number, most: number): AxisScale {
  if (low === 0 && high === 0) return fillThePaper(0, 1, most);
  return fillThePaper(Math.min(0, low), Math.max(0, high), most);
}

const mostTicks = 200;

function typedStep(step: number | undefined, range: number): Step | undefined {
  if (step === undefined || !(step > 0) || range / step > mostTicks) return undefined;
  const exponent = Math.floor(Math.log10(step) + 1e-9);
  const digit = Number((step / 10 ** exponent).toPrecision(6));
  return digit === 1 || digit === 2 || digit === 5 ? { digit, exponent } : undefined;
}

/** Ticks at multiples of a step that is not 1, 2 or 5 × 10ⁿ, written with the decimals that they need. */
function unusual(from: number, to: number, step: number): Pick<AxisScale, "ticks" | "power"> {
  const first = Math.ceil(from / step - 1e-9);
  const last = Math.floor(to / step + 1e-9);
  const ticks = Array.from({ length: last - first + 1 }, (_, index) => {
    const value = Number(((first + index) * step).toPrecision(12));
    return { value, label: [{ text: withMinusSign(String(value)) }] };
  });
  return { ticks, power: 0 };
}

/**
 * An axis with its ends set by hand, to the digit; ticks stand at multiples of the step.
 * @param step any step above 0 that leaves at most 200 ticks, or undefined for one that fits.
 */
export function byHand(
  from: number,
  to: number,
  step: number | undefined,
  most: number,
): AxisScale {
  const range = to - from;
  const own = typedStep(step, range);
  const chosen = own ?? stepFor(range, most);
  const size = timesStep(1, chosen);
  const first = Math.ceil(from / size - 1e-9);
  const last = Math.floor(to / size + 1e-9);
  const found = stepped(first - 1, last + 1, chosen);
  const inside = (value: number) => value >= from - 1e-9 * range && value <= to + 1e-9 * range;
  const odd = own === undefined && step !== undefined && step > 0 && range / step <= mostTicks;
  const usual = { ticks: found.ticks.filter(({ value }) => inside(value)), power: found.power };
  const { ticks, power } = odd ? unusual(from, to, step) : usual;
  const minorTicks = odd ? [] : found.minorTicks.filter(inside);
  return { kind: "linear", from, to, power, minorTicks, ticks };
}
