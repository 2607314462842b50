/** Part of `npm run bench`: the straighten board, curves beside another library's search, and theories. */
import { levenbergMarquardt } from "ml-levenberg-marquardt";
import { fitFamily } from "../src/core/fit/families/fitFamily";
import { SeededChance } from "../src/core/statistics/seededChance";
import { boardOf } from "../src/core/straighten/board";
import { straightenTheory } from "../src/core/straighten/straightenTheory";
import { readTheory } from "../src/core/straighten/theory";
import { transformedColumns } from "../src/core/straighten/transforms";
import { fall, truthOfFall } from "./fallingCurve";
import { timed } from "./timing";

function column(values: Float64Array) {
  const bars = values.map((value) => 0.01 * value);
  return { values, up: bars, down: bars };
}

/** All 100 pairs with exact bars, lines and straightness. */
function benchBoard(count: number): void {
  const x = Float64Array.from({ length: count }, (_, i) => 1 + i / 10);
  const y = x.map((value, i) => value ** 1.5 * (1 + 0.01 * Math.sin(i)));
  const time = timed(
    () => boardOf(transformedColumns(column(x)), transformedColumns(column(y)), 1 / Math.sqrt(3)),
    31,
  );
  console.log(`the board of 10 × 10 pairs, ${count} points: ${time.toFixed(2)} ms (aim 30 ms)`);
}

/** An exponential to a level: ours finds its starting values itself; the other gets ours. */
function benchCurve(count: number, aim: number): void {
  const { x, y } = fall(count, 3);
  const ours = timed(() => fitFamily("exponential-offset", x, y), count > 1000 ? 5 : 31);
  const started = { a: { start: 7, fixed: false }, b: { start: -0.2, fixed: false }, c: { start: 0.2, fixed: false } }; // prettier-ignore
  const same = timed(() => fitFamily("exponential-offset", x, y, { wishes: started }), count > 1000 ? 5 : 31); // prettier-ignore
  const theirs = timed(
    () =>
      levenbergMarquardt(
        { x: [...x], y: [...y] },
        ([a = 0, b = 0, c = 0]) =>
          (at) =>
            a * Math.exp(b * at) + c,
        { initialValues: [7, -0.2, 0.2], maxIterations: 100, damping: 0.01 },
      ),
    count > 1000 ? 3 : 11,
  );
  console.log(
    `exponential to a level, ${count} points: ours from its own starts ${ours.toFixed(2)} ms (aim ${aim} ms), ` +
      `from given ones ${same.toFixed(2)} ms; ml-levenberg-marquardt from the same ${theirs.toFixed(2)} ms, ` +
      `ratio ${(same / theirs).toFixed(2)}`,
  );
}

/** How often each search ends at the truth from starts ever farther away. */
function benchConvergence(): void {
  const { x, y } = fall(100, 7);
  const found = { ours: 0, theirs: 0, onlyTheirs: 0 };
  const tries = 60;
  const chance = new SeededChance(11);
  for (let turn = 0; turn < tries; turn++) {
    const [a, b, c] = [20 * chance.uniform(), -2 * chance.uniform(), 4 * chance.uniform() - 2];
    const outcome = fitFamily("exponential-offset", x, y, {
      wishes: { a: { start: a, fixed: false }, b: { start: b, fixed: false }, c: { start: c, fixed: false } }, // prettier-ignore
    });
    const own = outcome.kind === "curve" ? outcome.fit.parameters.map(({ value }) => value) : [];
    const near = (values: readonly number[]) => Math.abs((values[1] ?? 0) - truthOfFall.b) < 0.02;
    let other: readonly number[] = [];
    try {
      other = levenbergMarquardt(
        { x: [...x], y: [...y] },
        ([p = 0, q = 0, r = 0]) =>
          (at) =>
            p * Math.exp(q * at) + r,
        { initialValues: [a, b, c], maxIterations: 100, damping: 0.01 },
      ).parameterValues;
    } catch {
      other = [];
    }
    if (near(own)) found.ours += 1;
    if (near(other)) found.theirs += 1;
    if (near(other) && !near(own)) found.onlyTheirs += 1;
  }
  console.log(
    `from ${tries} starts anywhere: ours at the truth ${found.ours} times, ml-levenberg-marquardt ${found.theirs}; ` +
      `there where ours was not: ${found.onlyTheirs}`,
  );
}

function benchTheory(equation: string, measured: readonly string[]): void {
  const read = readTheory(equation);
  if (read.kind !== "theory") return;
  const time = timed(() => straightenTheory(read.theory, { measured, known: [] }), 11);
  console.log(`theory ${equation}: ${time.toFixed(1)} ms`);
}

for (const count of [12, 50]) benchBoard(count);
benchCurve(100, 5);
benchCurve(100_000, 1000);
benchConvergence();
benchTheory("T = 2*pi*sqrt(4*m*L^3/(E*b*d^3))", ["L", "T"]);
benchTheory("k = A*exp(-E_a/(R*T))", ["T", "k"]);
