import { movedPoint, toDecimals, writeInWorking, type WrittenNumber } from "./writtenNumber";

/** A number in a working before it is known with how many figures it has to stand there. */
export interface Unsettled {
  readonly value: number;
  /** So many figures at the least. */
  readonly figures: number;
  /** As it was given; it has no further figures. */
  readonly given?: WrittenNumber;
}

/** A number as it stands in a working. */
export interface Printed {
  readonly written: WrittenNumber;
  /** What a reader takes it for. */
  readonly value: number;
}

/** The number that a reader sees. */
export function readBack({ mantissa, exponent = 0 }: WrittenNumber): number {
  return Number(`${mantissa.replace("−", "-")}e${exponent}`);
}

const clean = (value: number) => Number(value.toPrecision(15));

/** A number with so many figures more than it needs at the least. */
export function printedAt({ value, figures, given }: Unsettled, extra = 0): Printed {
  const exact = Number(value.toPrecision(figures)) === Number(value.toPrecision(13));
  const written = given ?? writeInWorking(value, exact ? figures : figures + extra);
  return { written, value: readBack(written) };
}

/** How a result is written; two numbers that are written alike are the same to a reader. */
export type Writing = (value: number) => WrittenNumber;

/** Writes to the last place, and in the power of ten, of a number that stands there. */
export function likeWritten({ mantissa, exponent }: WrittenNumber): Writing {
  const point = mantissa.indexOf(".");
  const decimals = point < 0 ? 0 : mantissa.length - point - 1;
  return (value) => ({
    mantissa: toDecimals(movedPoint(clean(value), -(exponent ?? 0)), decimals),
    ...(exponent !== undefined && { exponent }),
  });
}

const mostExtra = 12;

/**
 * The numbers of a line with as few figures as let the line follow from them: a reader who works it out from what is
 * printed gets what is printed behind it, to its last digit (calculation § 3).
 * @param result the number printed behind them.
 * @param work what a reader works out from the printed numbers.
 */
export function settled(
  numbers: readonly Unsettled[],
  result: WrittenNumber,
  work: (values: readonly number[]) => number,
): readonly Printed[] {
  const write = likeWritten(result);
  for (let extra = 0; extra < mostExtra; extra++) {
    const printed = numbers.map((one) => printedAt(one, extra));
    const found = work(printed.map(({ value }) => value));
    if (!Number.isFinite(found)) continue;
    if (write(Number(found.toPrecision(13))).mantissa === result.mantissa) return printed;
  }
  return numbers.map((one) => printedAt(one, mostExtra));
}
