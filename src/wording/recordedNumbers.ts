import type { DecimalMark } from "@/core/number/readNumber";
import { toDecimals, writeWithoutPower } from "@/core/number/writtenNumber";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { RecordingDescription } from "@/investigation/model/recording";
import { instrumentWords } from "./instruments";

const marked = (text: string, mark: DecimalMark) =>
  mark === "comma" ? text.replace(".", ",") : text;

/** So many parts of what is shown can be told apart. */
const parts = 1000;

/** Decimals to which a moment is written where so many seconds are shown. */
export function decimalsFor(span: number): number {
  if (!(span > 0)) return 2;
  return Math.min(9, Math.max(0, Math.ceil(-Math.log10(span / parts) - 1e-9)));
}

/** A moment, in s, with as many decimals as can be told apart where so many seconds are shown. */
export function momentText(time: number, span: number, { decimalMark }: Pick<HouseRules, "decimalMark">): string {
  return marked(toDecimals(time, decimalsFor(span)), decimalMark);
} // prettier-ignore

/** An amount to so many figures, without zeros that say nothing. */
export function amountText(value: number, figures: number, { decimalMark }: Pick<HouseRules, "decimalMark">): string {
  return marked(writeWithoutPower(Number(value.toPrecision(figures))), decimalMark);
} // prettier-ignore

/** A pace has the figures that the limit of its clock leaves, and four where that leaves more. */
const figuresOfPace = (clock: number) =>
  clock > 0 ? Math.min(4, Math.max(1, Math.floor(-Math.log10(clock)) + 1)) : 4;

/** "200 readings a second", "one count every 1 s". */
export function rateText({ tells, step, clock }: RecordingDescription, rules: Pick<HouseRules, "decimalMark">): string {
  if (tells === "events") return instrumentWords.events;
  if (tells === "counts") return instrumentWords.every({ step: amountText(step, 4, rules) });
  const figures = figuresOfPace(clock);
  return step > 1
    ? instrumentWords.oneEvery({ step: amountText(step, figures, rules) })
    : instrumentWords.perSecond({ rate: amountText(1 / step, figures, rules) });
} // prettier-ignore
