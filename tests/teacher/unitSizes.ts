/** What one of each unit is in SI units, as a teacher knows it. */
export const unitSizes: Readonly<Record<string, number>> = {
  m: 1,
  cm: 0.01,
  mm: 0.001,
  s: 1,
  ms: 0.001,
  kg: 1,
  g: 0.001,
  V: 1,
  mV: 0.001,
};
