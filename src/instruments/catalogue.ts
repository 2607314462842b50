import { capacitor } from "./apparatus/capacitor";
import { clampedRule } from "./apparatus/clampedRule";
import { coolingCup } from "./apparatus/coolingCup";
import { hydroxideCell } from "./apparatus/hydroxideCell";
import { resonatingTube } from "./apparatus/resonatingTube";
import { tray } from "./apparatus/tray";
import { weakSource } from "./apparatus/weakSource";
import { wire } from "./apparatus/wire";
import type { Apparatus } from "./apparatus/apparatus";
import type { InstrumentChannel, InstrumentKind } from "./instrumentKind";

const clock = 5e-5;

/** What quick sensors, and those that are read at leisure, have in common. */
const quick = { tells: "readings", tick: 1e-4, clock, lost: 0 } as const;
const slow = { ...quick, tick: 1e-3 } as const;

/** A channel whose data sheet says: step, noise, ± of zero and of scale; what it shows at most either way. */
function channel(
  named: Pick<InstrumentChannel, "key" | "name" | "symbol" | "unit" | "course">,
  [resolution, noise, zero, scale]: readonly [number, number, number, number],
  [least, greatest]: readonly [number, number],
  off: { unzeroed?: number; warmUp?: number } = {},
): InstrumentChannel {
  const { unzeroed = 0, warmUp = 0 } = off;
  const nature = { resolution, noise, zero, scale, clock };
  return { ...named, nature, least, greatest, unzeroed, warmUp: { amount: warmUp, seconds: 60 } };
}

const side = { key: "DISPlacement", name: "displacement", symbol: "y", unit: "mm", course: "side" };
const force = { key: "FORCe", name: "force", symbol: "F", unit: "N", course: "force" };
const hot = {
  key: "TEMPerature",
  name: "temperature",
  symbol: "θ",
  unit: "°C",
  course: "temperature",
};
const voltage = { key: "VOLTage", name: "voltage", symbol: "U", unit: "V", course: "voltage" };
const current = { key: "CURRent", name: "current", symbol: "I", unit: "mA", course: "current" };
const source = {
  key: "SOURce",
  name: "voltage of the source",
  symbol: "U_0",
  unit: "V",
  course: "source",
};
const across = {
  key: "RESistor",
  name: "voltage over the resistor",
  symbol: "U_R",
  unit: "V",
  course: "across",
};
const mass = { key: "MASS", name: "mass", symbol: "m", unit: "g", course: "mass" };
const conductance = {
  key: "CONDuctance",
  name: "conductance",
  symbol: "κ",
  unit: "mS cm^-1",
  course: "conductance",
};
const pressure = { key: "PRESsure", name: "sound pressure", symbol: "p", unit: "Pa", course: "pressure" }; // prettier-ignore

const logger = (key: string, name: string, apparatus: Apparatus): InstrumentKind => ({
  key,
  name,
  ...quick,
  channels: [
    channel(voltage, [0.001, 0.002, 0.002, 0.003], [-10, 10], { unzeroed: 0.02, warmUp: 0.005 }),
    channel(current, [0.001, 0.002, 0.002, 0.005], [-500, 500], { unzeroed: 0.02, warmUp: 0.005 }),
  ],
  apparatus,
  rate: { least: 0.1, most: 1000, start: 10 },
});

/** The bench instruments that come with it, each on an apparatus of the samples. */
export const catalogue: readonly InstrumentKind[] = [
  {
    key: "DISPlacement",
    name: "displacement sensor",
    ...quick,
    channels: [channel(side, [0.05, 0.04, 0.05, 0.01], [-10, 10], { unzeroed: 0.4, warmUp: 0.1 })],
    apparatus: clampedRule,
    rate: { least: 1, most: 1000, start: 200 },
    lost: 0.0005,
  },
  {
    key: "GATE",
    name: "light gate",
    tells: "events",
    channels: [],
    apparatus: clampedRule,
    rate: { least: 1, most: 1, start: 1 },
    tick: 1e-4,
    clock,
    lost: 0,
  },
  {
    key: "FORCe",
    name: "force sensor",
    ...quick,
    channels: [channel(force, [0.002, 0.004, 0.005, 0.01], [-10, 10], { unzeroed: 0.1, warmUp: 0.02 })],
    apparatus: tray,
    rate: { least: 0.1, most: 500, start: 50 },
  },
  {
    key: "TEMPerature",
    name: "temperature probe",
    ...slow,
    channels: [channel(hot, [0.1, 0.05, 0.3, 0], [-20, 110])],
    apparatus: coolingCup,
    rate: { least: 0.01, most: 10, start: 1 },
    lost: 0.001,
  },
  logger("LOGGer", "voltage and current logger", capacitor),
  logger("METer", "voltage and current meter", wire),
  {
    key: "COUNter",
    name: "counter",
    tells: "counts",
    channels: [],
    apparatus: weakSource,
    rate: { least: 0.01, most: 10, start: 1 },
    tick: 1e-3,
    clock,
    lost: 0,
  },
  {
    key: "BALance",
    name: "balance",
    ...slow,
    channels: [channel(mass, [0.1, 0.03, 0.05, 0.0003], [-1, 600], { unzeroed: 0.5, warmUp: 0.3 })],
    apparatus: tray,
    rate: { least: 0.1, most: 10, start: 5 },
  },
  {
    key: "CONDuctance",
    name: "conductance probe",
    ...slow,
    channels: [channel(conductance, [0.01, 0.01, 0.02, 0.01], [0, 20])],
    apparatus: hydroxideCell,
    rate: { least: 0.1, most: 10, start: 2 },
  },
  {
    key: "SOUNd",
    name: "microphone",
    tells: "readings",
    channels: [channel(pressure, [0.001, 0.05, 0.05, 0.1], [-2, 2])],
    apparatus: resonatingTube,
    rate: { least: 1000, most: 20_000, start: 8000 },
    tick: 1e-6,
    clock,
    lost: 0,
  },
  {
    key: "QUAD",
    name: "logger of four channels",
    ...quick,
    channels: [
      channel(source, [0.001, 0.002, 0.002, 0.003], [-10, 10], { unzeroed: 0.02 }),
      channel({ ...voltage, name: "voltage over the capacitor", symbol: "U_C" }, [0.001, 0.002, 0.002, 0.003], [-10, 10], { unzeroed: 0.02 }),
      channel(across, [0.001, 0.002, 0.002, 0.003], [-10, 10], { unzeroed: 0.02 }),
      channel(current, [0.001, 0.002, 0.002, 0.005], [-500, 500], { unzeroed: 0.02 }),
    ],
    apparatus: capacitor,
    rate: { least: 0.1, most: 1000, start: 100 },
  },
]; // prettier-ignore

/** A kind of the catalogue; @throws RangeError where it has none of that key. */
export function kindOf(key: string): InstrumentKind {
  const kind = catalogue.find((one) => one.key === key);
  if (!kind) throw new RangeError(`no instrument ${key}`);
  return kind;
}
