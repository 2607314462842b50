import type { DecimalMark } from "@/core/number/readNumber";
import { instrumentNames } from "@/wording/instrumentNames";
import type { HouseRules } from "../model/houseRules";
import type { Instrument } from "../model/instrument";
import type { Uncertainty } from "../model/uncertainty";

type Named = Omit<Instrument, "name"> & { readonly key: keyof typeof instrumentNames };

function instrument(
  key: Named["key"],
  unit: string,
  resolution: string,
  uncertainty: Uncertainty,
): Named {
  return { key, unit, resolution, uncertainty };
}

/**
 * What stands in a school's cupboards, with its smallest step and the ± that is customary for it. A class's own
 * instruments differ: each of these is where a choice starts, and everything in it can be changed afterwards.
 */
const kit: readonly Named[] = [
  instrument("rule", "m", "0.001", { kind: "two-edges", edge: "0.0005" }),
  instrument("caliper", "mm", "0.1", { kind: "fixed", amount: "0.1" }),
  instrument("micrometer", "mm", "0.01", { kind: "fixed", amount: "0.01" }),
  instrument("stopwatch", "s", "0.01", { kind: "fixed", amount: "0.2" }),
  instrument("gate", "s", "0.001", { kind: "last-digit" }),
  instrument("balance", "g", "0.01", { kind: "last-digit" }),
  instrument("analytical", "g", "0.0001", { kind: "fixed", amount: "0.0002" }),
  instrument("burette", "mL", "0.05", { kind: "two-edges", edge: "0.05" }),
  instrument("pipette", "mL", "0.01", { kind: "fixed", amount: "0.03" }),
  instrument("cylinder", "mL", "1", { kind: "half-division", division: "1" }),
  instrument("thermometer", "°C", "1", { kind: "half-division", division: "1" }),
  instrument("voltmeter", "V", "0.01", {
    kind: "percent-and-digits",
    percent: "0.5",
    digits: "2",
  }),
  instrument("ammeter", "A", "0.001", {
    kind: "percent-and-digits",
    percent: "1",
    digits: "3",
  }),
  instrument("ohmmeter", "Ω", "0.1", {
    kind: "percent-and-digits",
    percent: "0.8",
    digits: "2",
  }),
  instrument("ph", "1", "0.01", { kind: "fixed", amount: "0.02" }),
  instrument("counter", "1", "1", { kind: "counting" }),
];

/** The texts of something with the numbers among them in a decimal mark. */
const inMark = <Told extends object>(told: Told, mark: DecimalMark): Told =>
  Object.fromEntries(
    Object.entries(told).map(([key, text]) => [
      key,
      mark === "comma" && typeof text === "string" ? text.replace(/^(\d+)\.(\d+)$/, "$1,$2") : text,
    ]),
  ) as Told;

/** The kit under house rules: its names in the language that is spoken, its numbers in their decimal mark. */
export const instrumentKit = ({
  decimalMark,
}: Pick<HouseRules, "decimalMark">): readonly Instrument[] =>
  kit.map(({ key, unit, resolution, uncertainty }) => ({
    name: instrumentNames[key],
    unit,
    ...inMark({ resolution }, decimalMark),
    uncertainty: inMark(uncertainty, decimalMark),
  }));
