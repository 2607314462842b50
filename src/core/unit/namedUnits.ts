import { type Dimension, dimensionless } from "./dimension";

/** A unit with a symbol of its own. One of it is `factor` of the coherent SI unit (plus `offset` for °C). */
export interface NamedUnit {
  readonly dimension: Dimension;
  readonly factor: number;
  /** Added after the factor to reach kelvin: 273.15 for °C. */
  readonly offset?: number;
  /** Whether k, m, µ … may stand before it. */
  readonly prefixed: boolean;
}

function unit(dimension: Dimension, factor: number, prefixed: boolean): NamedUnit {
  return { dimension, factor, prefixed };
}

const mass: Dimension = [1, 0, 0, 0, 0, 0, 0];
const length: Dimension = [0, 1, 0, 0, 0, 0, 0];
const volume: Dimension = [0, 3, 0, 0, 0, 0, 0];
const time: Dimension = [0, 0, 1, 0, 0, 0, 0];
const temperature: Dimension = [0, 0, 0, 0, 1, 0, 0];
const frequency: Dimension = [0, 0, -1, 0, 0, 0, 0];
const force: Dimension = [1, 1, -2, 0, 0, 0, 0];
const pressure: Dimension = [1, -1, -2, 0, 0, 0, 0];
const energy: Dimension = [1, 2, -2, 0, 0, 0, 0];
const resistance: Dimension = [1, 2, -3, -2, 0, 0, 0];

/** SI base and derived units and the ones that laboratories use beside them. Sources: SI brochure, tables 2, 4 and 8; CODATA 2018 for eV and u. */
export const namedUnits: Readonly<Record<string, NamedUnit>> = {
  g: unit(mass, 1e-3, true),
  m: unit(length, 1, true),
  s: unit(time, 1, true),
  A: unit([0, 0, 0, 1, 0, 0, 0], 1, true),
  K: unit(temperature, 1, true),
  mol: unit([0, 0, 0, 0, 0, 1, 0], 1, true),
  cd: unit([0, 0, 0, 0, 0, 0, 1], 1, true),
  Hz: unit(frequency, 1, true),
  Bq: unit(frequency, 1, true),
  N: unit(force, 1, true),
  Pa: unit(pressure, 1, true),
  J: unit(energy, 1, true),
  W: unit([1, 2, -3, 0, 0, 0, 0], 1, true),
  C: unit([0, 0, 1, 1, 0, 0, 0], 1, true),
  V: unit([1, 2, -3, -1, 0, 0, 0], 1, true),
  F: unit([-1, -2, 4, 2, 0, 0, 0], 1, true),
  Ω: unit(resistance, 1, true),
  ohm: unit(resistance, 1, true),
  S: unit([-1, -2, 3, 2, 0, 0, 0], 1, true),
  Wb: unit([1, 2, -2, -1, 0, 0, 0], 1, true),
  T: unit([1, 0, -2, -1, 0, 0, 0], 1, true),
  H: unit([1, 2, -2, -2, 0, 0, 0], 1, true),
  lm: unit([0, 0, 0, 0, 0, 0, 1], 1, true),
  lx: unit([0, -2, 0, 0, 0, 0, 1], 1, true),
  Gy: unit([0, 2, -2, 0, 0, 0, 0], 1, true),
  Sv: unit([0, 2, -2, 0, 0, 0, 0], 1, true),
  L: unit(volume, 1e-3, true),
  l: unit(volume, 1e-3, true),
  min: unit(time, 60, false),
  h: unit(time, 3600, false),
  d: unit(time, 86_400, false),
  bar: unit(pressure, 1e5, true),
  atm: unit(pressure, 101_325, false),
  mmHg: unit(pressure, 133.322387415, false),
  eV: unit(energy, 1.602176634e-19, true),
  cal: unit(energy, 4.184, true),
  u: unit(mass, 1.6605390666e-27, false),
  t: unit(mass, 1000, false),
  Å: unit(length, 1e-10, false),
  rad: unit(dimensionless, 1, true),
  deg: unit(dimensionless, Math.PI / 180, false),
  "°": unit(dimensionless, Math.PI / 180, false),
  "%": unit(dimensionless, 0.01, false),
  "°C": { dimension: temperature, factor: 1, offset: 273.15, prefixed: false },
  "°F": { dimension: temperature, factor: 5 / 9, offset: 459.67 * (5 / 9), prefixed: false },
};

/** SI prefixes; "u" is how µ is typed. */
export const prefixes: Readonly<Record<string, number>> = {
  Q: 1e30,
  R: 1e27,
  Y: 1e24,
  Z: 1e21,
  E: 1e18,
  P: 1e15,
  T: 1e12,
  G: 1e9,
  M: 1e6,
  k: 1e3,
  h: 1e2,
  da: 1e1,
  d: 1e-1,
  c: 1e-2,
  m: 1e-3,
  µ: 1e-6,
  μ: 1e-6,
  u: 1e-6,
  n: 1e-9,
  p: 1e-12,
  f: 1e-15,
  a: 1e-18,
  z: 1e-21,
  y: 1e-24,
  r: 1e-27,
  q: 1e-30,
};
