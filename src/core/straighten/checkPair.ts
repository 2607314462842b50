import { compile } from "../expression/compile";
import { type Expression, partsOf, symbolsOf } from "../expression/tree";
import { SeededChance } from "../statistics/seededChance";
import type { Pair } from "./pairs";
import type { Theory } from "./theory";

export type Numbers = Record<string, number>;

/** An expression as a function of numbers by their symbols; NaN where it has no value. */
export function evaluator(expression: Expression): (numbers: Numbers) => number {
  const names = symbolsOf(expression);
  const work = compile(expression, (name) => names.indexOf(name));
  return (numbers) => work(Float64Array.from(names, (name) => numbers[name] ?? NaN));
}

const grid = 240;
const halvings = 80;

/** Values above 0 of one symbol at which both sides agree, the others given. */
function solutions(off: (numbers: Numbers) => number, numbers: Numbers, symbol: string): number[] {
  const at = (value: number) => off({ ...numbers, [symbol]: value });
  const place = (i: number) => 10 ** (-6 + (12 * i) / grid);
  const found: number[] = [];
  let before = at(place(0));
  for (let i = 1; i <= grid; i++) {
    const now = at(place(i));
    if (before * now <= 0 && Number.isFinite(before) && Number.isFinite(now)) {
      let [low, high] = [place(i - 1), place(i)];
      const rising = now > before;
      for (let turn = 0; turn < halvings; turn++) {
        const middle = (low + high) / 2;
        if (at(middle) > 0 === rising) high = middle;
        else low = middle;
      }
      found.push((low + high) / 2);
    }
    before = now;
  }
  return found;
}

const worlds = 4;
/** So many rows have to be there for a pair to be believed. */
const leastRows = 4;
const wanted = 12;
const mostTries = 60;
const leastTries = 6;
/** Parts of formulas that may be worked out for one theory: a long one is tried less often. */
const budget = 800_000;

const partsIn = (expression: Expression): number =>
  partsOf(expression).reduce((sum, part) => sum + partsIn(part), 1);

/** How often numbers are made up in each world. */
function triesFor({ left, right }: Theory): number {
  const once = (partsIn(left) + partsIn(right)) * grid * worlds;
  return Math.min(mostTries, Math.max(leastTries, Math.floor(budget / once)));
}

function numbersIn(expression: Expression): readonly number[] {
  return expression.kind === "number" ? [expression.value] : partsOf(expression).flatMap(numbersIn);
}

/** A number about 1, or about one of these sizes. */
const about = (chance: SeededChance, sizes: readonly number[]) => {
  const size = sizes[Math.floor(chance.uniform() * sizes.length)] ?? 1;
  return size * 10 ** (1.2 * chance.uniform() - 0.6);
};

function madeUp(
  theory: Theory,
  measured: readonly string[],
  chance: SeededChance,
  sizes: readonly number[],
): Numbers[][] {
  const off = evaluator({
    kind: "operation",
    operator: "-",
    left: theory.left,
    right: theory.right,
  });
  const any = () => about(chance, sizes);
  const [last] = measured.slice(-1) as [string];
  const tries = triesFor(theory);
  return Array.from({ length: worlds }, () => {
    const fixed = Object.fromEntries(theory.symbols.map((name) => [name, any()]));
    const rows: Numbers[] = [];
    for (let turn = 0; turn < tries && rows.length < wanted; turn++) {
      const row = { ...fixed, ...Object.fromEntries(measured.map((name) => [name, any()])) };
      rows.push(...solutions(off, row, last).map((value) => ({ ...row, [last]: value })));
    }
    return rows;
  });
}

/**
 * Made-up numbers for every symbol that obey a theory: several worlds, in each the fixed symbols keep theirs. Where
 * numbers about 1 hardly ever do, as beside a plain 20, they are made up about the sizes of the plain numbers too.
 */
export function obeying(theory: Theory, measured: readonly string[], seed: number): Numbers[][] {
  const chance = new SeededChance(seed);
  const found = madeUp(theory, measured, chance, [1]);
  if (found.flat().length >= worlds * leastRows) return found;
  const plain = [theory.left, theory.right].flatMap(numbersIn).filter((value) => value > 0);
  const sizes = [1, ...plain.flatMap((value) => [value, 3 * value, 1 / value])];
  return [...found, ...madeUp(theory, measured, chance, sizes)];
}

const slack = 1e-6;

/** Whether a pair is straight with the slope and the intercept that it states, in every world that could be made up. */
export function holds(pair: Pair, made: readonly (readonly Numbers[])[]): boolean {
  const [vertical, horizontal] = [evaluator(pair.vertical), evaluator(pair.horizontal)];
  const [slope, intercept] = [evaluator(pair.slope), evaluator(pair.intercept)];
  let checked = 0;
  for (const row of made.flat()) {
    const [v, h, m, c] = [vertical(row), horizontal(row), slope(row), intercept(row)];
    if (![v, h, m, c].every(Number.isFinite)) continue;
    const size = Math.abs(v) + Math.abs(m * h) + Math.abs(c);
    if (Math.abs(v - m * h - c) > slack * size) return false;
    checked += 1;
  }
  return checked >= leastRows;
}
