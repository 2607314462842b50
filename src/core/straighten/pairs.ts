import type { Expression } from "../expression/tree";
import {
  added,
  BeyondAlgebra,
  type Factor,
  keyOfSum,
  keyOfTerm,
  numberTerm,
  opened,
  scaledSum,
  type Sum,
  symbolsOfAtom,
  type Term,
  termOf,
  termPower,
  termProduct,
} from "./algebra/sum";
import { sumExpression } from "./algebra/toExpression";
import type { Step } from "./steps";
import type { Variant } from "./variants";

/** Which symbols are measured, and which others have a known number; all the rest are unknown. */
export interface Roles {
  readonly measured: ReadonlySet<string>;
  readonly known: ReadonlySet<string>;
}

/** vertical = slope · horizontal + intercept, straight where the theory holds. */
export interface Pair {
  readonly vertical: Expression;
  readonly horizontal: Expression;
  readonly slope: Expression;
  readonly intercept: Expression;
  readonly steps: readonly Step[];
  /** Measured symbols in each. */
  readonly across: ReadonlySet<string>;
  readonly up: ReadonlySet<string>;
  /** Whether a known number stands inside a transform. */
  readonly usesKnown: boolean;
  /** The same for pairs that are alike, however they were come by. */
  readonly key: string;
}

/** A part that varies from row to row with all that it is multiplied by. */
interface Group {
  readonly varying: Term;
  readonly fixed: Sum;
}

function touches(symbols: ReadonlySet<string>, set: ReadonlySet<string>): boolean {
  return [...symbols].some((name) => set.has(name));
}

/** Splits a term into what is measured and what is fixed; undefined where an unknown stands inside a transform. */
function split(term: Term, { measured, known }: Roles): readonly [Term, Term] | undefined {
  const varying = new Map<string, Factor>();
  const fixed = new Map<string, Factor>();
  for (const [key, factor] of term.factors) {
    const symbols = symbolsOfAtom(factor.atom);
    if (!touches(symbols, measured)) {
      fixed.set(key, factor);
      continue;
    }
    if ([...symbols].some((name) => !measured.has(name) && !known.has(name))) return undefined;
    varying.set(key, factor);
  }
  return [
    { coefficient: 1, factors: varying },
    { coefficient: term.coefficient, factors: fixed },
  ];
}

const mostGroups = 3;

/** ln x + 2 ln y as ln(x y²); any other parts as a sum that stays together. */
function joinedParts(parts: readonly Term[]): Term {
  const logarithms = parts.map(({ coefficient, factors }) => {
    const [only] = [...factors.values()];
    const { atom, exponent } = only ?? {};
    const plain = factors.size === 1 && exponent === 1 && atom?.kind === "call";
    return plain && atom.name === "ln" && atom.of.length === 1
      ? termPower(atom.of[0] as Term, coefficient)
      : undefined;
  });
  if (logarithms.every((term) => term !== undefined)) {
    return termOf({ kind: "call", name: "ln", of: [logarithms.reduce(termProduct)] });
  }
  return termOf({ kind: "sum", of: parts });
}

/** Parts that vary and are multiplied by the same, but for a number, count as one: y − x, ln(y x²). */
function merged(groups: readonly Group[]): readonly Group[] {
  const alike = new Map<string, Group[]>();
  for (const group of groups) {
    const [only] = group.fixed as [Term];
    const own = group.varying.factors.size === 0 || group.fixed.length > 1;
    const key = own ? `alone ${alike.size}` : keyOfTerm(only);
    alike.set(key, [...(alike.get(key) ?? []), group]);
  }
  return [...alike.values()].map((same): Group => {
    const [first] = same as [Group];
    if (same.length === 1) return first;
    const [{ coefficient: unit, factors }] = first.fixed as [Term];
    const parts = same.map(({ varying, fixed: [only] }) => ({
      ...varying,
      coefficient: (only as Term).coefficient / unit,
    }));
    return { varying: joinedParts(parts), fixed: [{ coefficient: unit, factors }] };
  });
}

function groupsOf(sum: Sum, roles: Roles): readonly Group[] | undefined {
  const groups = new Map<string, Group>();
  for (const term of sum) {
    const parts = split(term, roles);
    if (!parts) return undefined;
    const key = keyOfTerm(parts[0]);
    const fixed = added(groups.get(key)?.fixed ?? [], [parts[1]]);
    groups.set(key, { varying: parts[0], fixed });
  }
  const found = [...groups.values()].filter(({ fixed }) => fixed.length > 0);
  const few = found.length > mostGroups ? merged(found) : found;
  return few.length > mostGroups ? undefined : few;
}

const inverse = (term: Term) => termPower(term, -1);

/** −a/b, term by term where b is a single term, as a fraction of sums otherwise. */
function ratio(a: Sum, b: Sum): Expression {
  const [only] = b as [Term];
  if (b.length === 1) {
    return sumExpression(
      a.map((term) => termProduct(scaledSum([term], -1)[0] as Term, inverse(only))),
    );
  }
  return {
    kind: "operation",
    operator: "/",
    left: sumExpression(scaledSum(a, -1)),
    right: sumExpression(b),
  };
}

function measuredIn({ factors }: Term, { measured }: Roles): ReadonlySet<string> {
  const all = [...factors.values()].flatMap(({ atom }) => [...symbolsOfAtom(atom)]);
  return new Set(all.filter((name) => measured.has(name)));
}

interface Parts {
  readonly vertical: Term;
  readonly horizontal: Term;
  readonly slope: Expression;
  readonly intercept: Expression;
}

function pairOf(parts: Parts, { steps }: Variant, roles: Roles): Pair | undefined {
  const { vertical, horizontal } = parts;
  if (vertical.factors.size === 0 || horizontal.factors.size === 0) return undefined;
  const inside = [...vertical.factors.values(), ...horizontal.factors.values()].flatMap(
    ({ atom }) => [...symbolsOfAtom(atom)],
  );
  return {
    vertical: sumExpression([vertical]),
    horizontal: sumExpression([horizontal]),
    slope: parts.slope,
    intercept: parts.intercept,
    steps,
    up: measuredIn(vertical, roles),
    across: measuredIn(horizontal, roles),
    usesKnown: inside.some((name) => !roles.measured.has(name)),
    key: `${keyOfSum([vertical])} ~ ${keyOfSum([horizontal])}`,
  };
}

/** A g₁ + B g₂ + C g₃ = 0, divided by each in turn. */
function fromThree(groups: readonly Group[], variant: Variant, roles: Roles): Pair[] {
  const orders = [[0, 1, 2], [1, 0, 2], [0, 2, 1], [2, 0, 1], [1, 2, 0], [2, 1, 0]] as const; // prettier-ignore
  return orders.flatMap(([i, j, k]) => {
    const [a, b, by] = [groups[i], groups[j], groups[k]] as [Group, Group, Group];
    const under = inverse(by.varying);
    const divided = by.varying.factors.size > 0;
    const step: Step[] = divided
      ? [
          {
            act: { kind: "divide", by: sumExpression([by.varying]) },
            left: sumExpression(
              a.fixed.map((term) => termProduct(term, termProduct(a.varying, under))),
            ),
            right: sumExpression(
              added(
                b.fixed.map((term) =>
                  termProduct(scaledSum([term], -1)[0] as Term, termProduct(b.varying, under)),
                ),
                scaledSum(by.fixed, -1),
              ),
            ),
          },
        ]
      : [];
    const found = pairOf(
      {
        vertical: termProduct(a.varying, under),
        horizontal: termProduct(b.varying, under),
        slope: ratio(b.fixed, a.fixed),
        intercept: ratio(by.fixed, a.fixed),
      },
      { ...variant, steps: [...variant.steps, ...step] },
      roles,
    );
    return found ?? [];
  });
}

/** The factors of a term in which only one measured symbol, or none of them, stands. */
function partWith({ factors }: Term, symbol: string): Term {
  const own = [...factors].filter(([, { atom }]) => symbolsOfAtom(atom).has(symbol));
  return { coefficient: 1, factors: new Map(own) };
}

const powersTried = [1, 2, 3, 4, -1, 0.5, -0.5, -2];
const nothing: Expression = { kind: "number", value: 0, text: "0" };

/** A g₁ + B g₂ = 0: the quantity up alone on one side, all the rest across, through zero; also to powers of both. */
function fromTwo([a, b]: readonly Group[], variant: Variant, roles: Roles): Pair[] {
  if (!a || !b || a.fixed.length !== 1 || b.fixed.length !== 1) return [];
  const whole = termProduct(a.varying, inverse(b.varying));
  const [one] = a.fixed as [Term];
  const [other] = b.fixed as [Term];
  const factor = termProduct(scaledSum([other], -1)[0] as Term, inverse(one));
  const found: Pair[] = [];
  for (const symbol of measuredIn(whole, roles)) {
    const up = partWith(whole, symbol);
    const across = inverse(termProduct(whole, inverse(up)));
    for (const exponent of powersTried) {
      if (factor.coefficient < 0 && !Number.isInteger(exponent)) continue;
      if (isNeedless([up, across], exponent)) continue;
      const slope = sumExpression([termPower(factor, exponent)]);
      const pair = pairOf(
        {
          vertical: termPower(up, exponent),
          horizontal: termPower(across, exponent),
          slope,
          intercept: nothing,
        },
        exponent === 1 ? variant : raisedVariant(variant, { up, across, factor, exponent }),
        roles,
      );
      if (pair) found.push(pair);
    }
  }
  return found;
}

/** Whether a lower power of both sides would do: T⁴ against L⁶. */
function isNeedless(terms: readonly Term[], power: number): boolean {
  const exponents = terms.flatMap(({ factors }) =>
    [...factors.values()].map(({ exponent }) => exponent * power),
  );
  return [2, 3].some((by) => exponents.every((exponent) => Number.isInteger(exponent / by)));
}

interface Raised {
  readonly up: Term;
  readonly across: Term;
  readonly factor: Term;
  readonly exponent: number;
}

function raisedVariant(variant: Variant, { up, across, factor, exponent }: Raised): Variant {
  const step: Step = {
    act: { kind: "raise", power: exponent },
    left: sumExpression([termPower(up, exponent)]),
    right: sumExpression([termPower(termProduct(factor, across), exponent)]),
  };
  return { ...variant, steps: [...variant.steps, step] };
}

function openedOrNothing(sum: Sum): Sum {
  try {
    return opened(sum);
  } catch (error) {
    if (error instanceof BeyondAlgebra) return [];
    throw error;
  }
}

/** The pairs that an equation shows to be straight. */
export function pairsOf(variant: Variant, roles: Roles): readonly Pair[] {
  const whole = added(variant.left, scaledSum(variant.right, -1));
  const groups = groupsOf(whole, roles) ?? groupsOf(openedOrNothing(whole), roles);
  if (!groups) return [];
  if (groups.length === 2) {
    const constant = groups.some(({ varying }) => varying.factors.size === 0);
    const level: Group = { varying: numberTerm(1), fixed: [] };
    const three = constant ? [] : fromThree([...groups, level], variant, roles);
    return [...fromTwo(groups, variant, roles), ...three.filter(({ intercept }) => intercept)];
  }
  return groups.length === 3 ? fromThree(groups, variant, roles) : [];
}
