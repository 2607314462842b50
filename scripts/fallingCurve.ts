import { SeededChance } from "../src/core/statistics/seededChance";

/** What the made-up fall to a level comes from. */
export const truthOfFall = { a: 8.9, b: -0.32, c: 0.7 };

/** Made-up points of an exponential to a level. */
export function fall(count: number, seed: number) {
  const { a, b, c } = truthOfFall;
  const chance = new SeededChance(seed);
  const x = Float64Array.from({ length: count }, (_, i) => (12 * i) / count);
  const y = x.map((at) => a * Math.exp(b * at) + c + 0.02 * chance.normal());
  return { x, y };
}
