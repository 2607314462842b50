/** What the instrument alone leaves open in one reading; amounts in the unit of the reading. */
export type InstrumentPart =
  | { readonly kind: "none" }
  | { readonly kind: "fixed"; readonly amount: number }
  /** Different up and down. */
  | { readonly kind: "up-and-down"; readonly up: number; readonly down: number }
  | { readonly kind: "percent"; readonly percent: number }
  /** A digital meter's "0.5 % of the reading + 2 digits". */
  | { readonly kind: "percent-and-digits"; readonly percent: number; readonly digits: number }
  | { readonly kind: "half-division"; readonly division: number }
  | { readonly kind: "last-digit" }
  /** Both ends of a length are read: the part of a single edge, twice. */
  | { readonly kind: "two-edges"; readonly edge: number }
  | { readonly kind: "counting" };

/** A reading as the instrument part needs it. */
export interface InstrumentReading {
  readonly value: number;
  /** Digits after the decimal mark as typed; its last place is one digit of a display. */
  readonly decimals: number;
}

/** A ± that may reach further up than down, in the unit of the reading. */
export interface Bars {
  readonly up: number;
  readonly down: number;
}

/** The size of one step of the last typed place: 0.01 for 3.20. */
export function lastPlace(decimals: number): number {
  return decimals >= 0 ? 1 / 10 ** decimals : 10 ** -decimals;
}

/** The same ± up and down. */
export function evenBars(size: number): Bars {
  return { up: size, down: size };
}

/** The one number where one is needed: the mean of up and down (calculation § 2). */
export function meanBar({ up, down }: Bars): number {
  return (up + down) / 2;
}

/** The instrument's ± of a reading, in its unit; counts of nothing have ± 1. */
export function instrumentBars(part: InstrumentPart, reading: InstrumentReading): Bars {
  return part.kind === "up-and-down"
    ? { up: part.up, down: part.down }
    : evenBars(evenSize(part, reading));
}

function evenSize(
  part: Exclude<InstrumentPart, { kind: "up-and-down" }>,
  reading: InstrumentReading,
): number {
  switch (part.kind) {
    case "none":
      return 0;
    case "fixed":
      return part.amount;
    case "percent":
      return (part.percent / 100) * Math.abs(reading.value);
    case "percent-and-digits":
      return (
        (part.percent / 100) * Math.abs(reading.value) + part.digits * lastPlace(reading.decimals)
      );
    case "half-division":
      return part.division / 2;
    case "last-digit":
      return lastPlace(reading.decimals);
    case "two-edges":
      return 2 * part.edge;
    case "counting":
      return Math.sqrt(Math.max(1, Math.abs(reading.value)));
  }
}
