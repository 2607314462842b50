import { type Check, readingsOf } from "./check";

/** One instrument gives every reading the same number of decimals; powers of ten are left alone. */
export const unlikeDecimals: Check = (quantity, table) => {
  const counts = new Map<number, number>();
  const readings = readingsOf(quantity, table);
  for (const { number } of readings) {
    counts.set(number.decimals, (counts.get(number.decimals) ?? 0) + 1);
  }
  const sorted = [...counts].sort((a, b) => b[1] - a[1]);
  const usual = sorted[0];
  if (!usual || sorted.length < 2 || usual[1] * 2 <= readings.length) return [];
  return readings
    .filter(({ number }) => number.decimals !== usual[0])
    .map(({ number, row, repeat }) => ({
      finding: { name: "unlike-decimals", decimals: number.decimals, usual: usual[0] },
      quantity: quantity.id,
      row,
      repeat,
    }));
};
