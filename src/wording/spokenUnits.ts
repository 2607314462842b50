import { plainRunText } from "@/core/unit/runText";
import { readUnit, type UnitFactor, writeUnitText } from "@/core/unit/unitText";

/** Units as they are spoken, one and many. */
const spoken: Readonly<Record<string, readonly [one: string, many: string]>> = {
  m: ["metre", "metres"],
  mm: ["millimetre", "millimetres"],
  cm: ["centimetre", "centimetres"],
  km: ["kilometre", "kilometres"],
  µm: ["micrometre", "micrometres"],
  nm: ["nanometre", "nanometres"],
  s: ["second", "seconds"],
  ms: ["millisecond", "milliseconds"],
  µs: ["microsecond", "microseconds"],
  min: ["minute", "minutes"],
  h: ["hour", "hours"],
  g: ["gram", "grams"],
  kg: ["kilogram", "kilograms"],
  mg: ["milligram", "milligrams"],
  N: ["newton", "newtons"],
  Pa: ["pascal", "pascals"],
  kPa: ["kilopascal", "kilopascals"],
  J: ["joule", "joules"],
  kJ: ["kilojoule", "kilojoules"],
  W: ["watt", "watts"],
  A: ["ampere", "amperes"],
  mA: ["milliampere", "milliamperes"],
  V: ["volt", "volts"],
  mV: ["millivolt", "millivolts"],
  Ω: ["ohm", "ohms"],
  ohm: ["ohm", "ohms"],
  S: ["siemens", "siemens"],
  Hz: ["hertz", "hertz"],
  kHz: ["kilohertz", "kilohertz"],
  K: ["kelvin", "kelvins"],
  "°C": ["degree Celsius", "degrees Celsius"],
  "%": ["per cent", "per cent"],
  "°": ["degree", "degrees"],
  deg: ["degree", "degrees"],
  rad: ["radian", "radians"],
  mol: ["mole", "moles"],
  L: ["litre", "litres"],
  mL: ["millilitre", "millilitres"],
  T: ["tesla", "tesla"],
  mT: ["millitesla", "millitesla"],
};

function powered(name: string, power: number, isLength: boolean): string {
  if (power === 1) return name;
  if (power === 2) return isLength ? `square ${name}` : `${name} squared`;
  if (power === 3) return isLength ? `cubic ${name}` : `${name} cubed`;
  return `${name} to the power ${power}`;
}

function spokenFactor({ symbol, exponent }: UnitFactor, many: boolean): string | undefined {
  const names = spoken[symbol];
  if (!names) return undefined;
  return powered(names[many ? 1 : 0], Math.abs(exponent), names[0].endsWith("metre"));
}

/** A unit as a screen reader says it: "m/s^2" is "metres per second squared"; what has no spoken name is spelled. */
export function spokenUnit(text: string): string {
  const spelled = plainRunText(writeUnitText(text));
  const factors = readUnit(text);
  if (!factors) return spelled;
  const above = factors.filter(({ exponent }) => exponent > 0);
  const below = factors.filter(({ exponent }) => exponent < 0);
  const words = above.map((factor, index) => spokenFactor(factor, index === above.length - 1));
  const under = below.map((factor) => spokenFactor(factor, false));
  if (words.includes(undefined) || under.includes(undefined)) return spelled;
  return [words.join(" "), ...under.map((word) => `per ${word}`)].filter(Boolean).join(" ");
}
