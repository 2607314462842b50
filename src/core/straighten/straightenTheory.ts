import { type Expression, partsOf, symbolsOf } from "../expression/tree";
import type { Finding } from "../finding/finding";
import { holds, obeying } from "./checkPair";
import { type Pair, pairsOf, type Roles } from "./pairs";
import type { Theory } from "./theory";
import { variantsOf } from "./variants";

export type Straightened =
  /** The best pair first. */
  | { readonly kind: "pairs"; readonly pairs: readonly Pair[] }
  | { readonly kind: "refused"; readonly finding: Finding };

export interface Wanted {
  /** Measured symbols; the one that stands up by custom last. */
  readonly measured: readonly string[];
  /** Symbols with a known number. */
  readonly known: readonly string[];
  /** How much a transform widens the relative ±, where readings are at hand; 1 keeps it. */
  readonly widening?: (transform: Expression) => number | undefined;
}

function size(expression: Expression): number {
  return 1 + partsOf(expression).reduce((sum, part) => sum + size(part), 0);
}

function has(expression: Expression, test: (part: Expression) => boolean): boolean {
  return test(expression) || partsOf(expression).some((part) => has(part, test));
}

const isLogarithm = (part: Expression) =>
  part.kind === "call" && (part.name === "ln" || part.name === "log");
const isRoot = (part: Expression) =>
  (part.kind === "call" && part.name === "sqrt") ||
  (part.kind === "operation" && part.operator === "^" && part.right.kind !== "number");

/** How far a pair is from what one would choose: less is better. */
function cost(pair: Pair, { measured, widening }: Wanted, unknown: ReadonlySet<string>): number {
  const { vertical, horizontal, slope, intercept, across, up, steps, usesKnown } = pair;
  const [last] = measured.slice(-1);
  const mixed = [...across].filter((name) => up.has(name)).length;
  const told = [slope, intercept].some((part) => symbolsOf(part).some((name) => unknown.has(name)));
  const both = [vertical, horizontal];
  const wide = both.reduce(
    (sum, one) => sum + Math.max(0, Math.log2(widening?.(one) ?? 1) - usualWidening),
    0,
  );
  return (
    steps.length +
    0.4 * (size(vertical) + size(horizontal)) +
    (mixed > 0 ? 3 : 0) +
    (usesKnown ? 4 : 0) +
    (last !== undefined && !up.has(last) ? 2 : 0) +
    (symbolsOf(slope).some((name) => unknown.has(name)) ? 0 : 3) +
    (told ? 0 : 6) +
    both.filter((one) => has(one, isLogarithm)).length * 1.5 +
    both.filter((one) => has(one, isRoot)).length * 2 +
    wide
  );
}

function distinct(pairs: readonly Pair[]): Pair[] {
  const found = new Map<string, Pair>();
  for (const pair of pairs) {
    const before = found.get(pair.key);
    if (!before || pair.steps.length < before.steps.length) found.set(pair.key, pair);
  }
  return [...found.values()];
}

/** What a cube does to a relative ± is no reason against it, in powers of two. */
const usualWidening = 1.6;

const mostPairs = 8;
const seed = 417;

/**
 * Finds pairs of transforms that make an equation straight, with what slope and intercept then stand for, by algebra on
 * the equation itself; each is checked with made-up numbers that obey it, and none that fails is given. All symbols are
 * taken as above 0.
 */
export function straightenTheory(theory: Theory, wanted: Wanted): Straightened {
  const measured = wanted.measured.filter((name) => theory.symbols.includes(name));
  if (measured.length < 2) {
    return { kind: "refused", finding: { name: "theory-needs-two-measured" } };
  }
  const roles: Roles = { measured: new Set(measured), known: new Set(wanted.known) };
  const candidates = distinct(variantsOf(theory).flatMap((variant) => pairsOf(variant, roles)));
  if (candidates.length === 0) return { kind: "refused", finding: { name: "theory-stays-curved" } };
  const made = obeying(theory, measured, seed);
  const unknown = new Set(
    theory.symbols.filter((name) => !roles.measured.has(name) && !roles.known.has(name)),
  );
  const pairs = candidates
    .map((pair) => ({ pair, cost: cost(pair, { ...wanted, measured }, unknown) }))
    .sort((a, b) => a.cost - b.cost)
    .filter(({ pair }) => holds(pair, made))
    .slice(0, mostPairs)
    .map(({ pair }) => pair);
  return pairs.length > 0
    ? { kind: "pairs", pairs }
    : { kind: "refused", finding: { name: "theory-stays-curved" } };
}
