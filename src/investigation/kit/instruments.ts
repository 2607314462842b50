import type { Instrument } from "../model/instrument";
import type { Uncertainty } from "../model/uncertainty";

function instrument(
  name: string,
  unit: string,
  resolution: string,
  uncertainty: Uncertainty,
): Instrument {
  return { name, unit, resolution, uncertainty };
}

/**
 * What stands in a school's cupboards, with its smallest step and the ± that is customary for it. A class's own
 * instruments differ: each of these is where a choice starts, and everything in it can be changed afterwards.
 */
export const instrumentKit: readonly Instrument[] = [
  instrument("metre rule", "m", "0.001", { kind: "two-edges", edge: "0.0005" }),
  instrument("vernier caliper", "mm", "0.1", { kind: "fixed", amount: "0.1" }),
  instrument("micrometer", "mm", "0.01", { kind: "fixed", amount: "0.01" }),
  instrument("stopwatch by hand", "s", "0.01", { kind: "fixed", amount: "0.2" }),
  instrument("light gate timer", "s", "0.001", { kind: "last-digit" }),
  instrument("top-pan balance", "g", "0.01", { kind: "last-digit" }),
  instrument("analytical balance", "g", "0.0001", { kind: "fixed", amount: "0.0002" }),
  instrument("burette", "mL", "0.05", { kind: "two-edges", edge: "0.05" }),
  instrument("pipette", "mL", "0.01", { kind: "fixed", amount: "0.03" }),
  instrument("measuring cylinder", "mL", "1", { kind: "half-division", division: "1" }),
  instrument("thermometer", "°C", "1", { kind: "half-division", division: "1" }),
  instrument("digital voltmeter", "V", "0.01", {
    kind: "percent-and-digits",
    percent: "0.5",
    digits: "2",
  }),
  instrument("digital ammeter", "A", "0.001", {
    kind: "percent-and-digits",
    percent: "1",
    digits: "3",
  }),
  instrument("digital ohmmeter", "Ω", "0.1", {
    kind: "percent-and-digits",
    percent: "0.8",
    digits: "2",
  }),
  instrument("pH meter", "1", "0.01", { kind: "fixed", amount: "0.02" }),
  instrument("counter", "1", "1", { kind: "counting" }),
];
