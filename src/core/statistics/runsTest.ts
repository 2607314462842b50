/** How often the signs in a row change, and how likely so few changes are by chance. */
export interface RunsTest {
  /** Stretches of one sign: "above, below, above" are three. */
  readonly runs: number;
  readonly above: number;
  readonly below: number;
  /** The probability of so few runs or fewer, were the order of the signs by chance. */
  readonly probability: number;
  /** The signs run by run. */
  readonly pattern: readonly ("above" | "below")[];
}

function logFactorials(n: number): Float64Array {
  const found = new Float64Array(n + 1);
  for (let i = 2; i <= n; i++) found[i] = (found[i - 1] as number) + Math.log(i);
  return found;
}

/** P(runs ≤ r) from the number of ways to cut either sign into so many stretches. */
function probabilityOfFew(runs: number, above: number, below: number): number {
  const log = logFactorials(above + below);
  const choose = (n: number, k: number) =>
    k < 0 || k > n ? -Infinity : (log[n] as number) - (log[k] as number) - (log[n - k] as number);
  const ways = choose(above + below, above);
  const cut = (a: number, b: number) =>
    Math.exp(choose(above - 1, a - 1) + choose(below - 1, b - 1) - ways);
  let sum = 0;
  for (let r = 2; r <= runs; r++) {
    const half = Math.floor(r / 2);
    sum += r % 2 === 0 ? 2 * cut(half, half) : cut(half + 1, half) + cut(half, half + 1);
  }
  return Math.min(1, sum);
}

/**
 * The runs test on values in their order: too few stretches of one sign hint at a curve under a straight line.
 * Values of 0 are passed over. Exact: Wald & Wolfowitz 1940; Swed & Eisenhart 1943.
 * @returns undefined where all values have one sign or there are none.
 */
export function runsTest(values: ArrayLike<number>): RunsTest | undefined {
  const pattern: ("above" | "below")[] = [];
  let [above, below] = [0, 0];
  for (let i = 0; i < values.length; i++) {
    const value = values[i] as number;
    if (value === 0) continue;
    const side = value > 0 ? "above" : "below";
    if (side === "above") above += 1;
    else below += 1;
    if (pattern.at(-1) !== side) pattern.push(side);
  }
  if (above === 0 || below === 0) return undefined;
  const runs = pattern.length;
  return { runs, above, below, pattern, probability: probabilityOfFew(runs, above, below) };
}
