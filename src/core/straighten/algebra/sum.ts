import type { FunctionName } from "../../expression/tree";

/** What a product is made of: a symbol, a function, a power with an unknown exponent, or a sum that stays together. */
export type Atom =
  | { readonly kind: "symbol"; readonly name: string }
  | { readonly kind: "pi" }
  | { readonly kind: "call"; readonly name: FunctionName; readonly of: Sum }
  | { readonly kind: "power"; readonly base: Sum; readonly exponent: Sum }
  | { readonly kind: "sum"; readonly of: Sum };

export interface Factor {
  readonly atom: Atom;
  readonly exponent: number;
}

/** A number times atoms raised to numbers, each atom once, by its key. */
export interface Term {
  readonly coefficient: number;
  readonly factors: ReadonlyMap<string, Factor>;
}

/** Terms added up, each combination of atoms once. Every symbol is taken as above 0. */
export type Sum = readonly Term[];

/** Sums longer than this are no formula that anyone straightens. */
const mostTerms = 60;

/** What can't be worked with: a root of something negative, a sum without end. */
export class BeyondAlgebra extends Error {}

const number = (value: number) => String(Number(value.toPrecision(12)));

/** The same text for the same atom, however it was come by. */
export function keyOfAtom(atom: Atom): string {
  switch (atom.kind) {
    case "symbol":
      return atom.name;
    case "pi":
      return "π";
    case "call":
      return `${atom.name}(${keyOfSum(atom.of)})`;
    case "power":
      return `(${keyOfSum(atom.base)})^(${keyOfSum(atom.exponent)})`;
    case "sum":
      return `{${keyOfSum(atom.of)}}`;
  }
}

/** The atoms of a term without its number. */
export function keyOfTerm({ factors }: Term): string {
  return [...factors]
    .map(([key, { exponent }]) => (exponent === 1 ? key : `${key}^${number(exponent)}`))
    .sort()
    .join("·");
}

export function keyOfSum(sum: Sum): string {
  return sum
    .map((term) => `${number(term.coefficient)}·${keyOfTerm(term)}`)
    .sort()
    .join(" + ");
}

export const numberTerm = (coefficient: number): Term => ({ coefficient, factors: new Map() });

export function termOf(atom: Atom, exponent = 1): Term {
  return { coefficient: 1, factors: new Map([[keyOfAtom(atom), { atom, exponent }]]) };
}

const dust = 1e-12;

/** Like terms together, those that cancel gone. */
export function added(...sums: readonly Sum[]): Sum {
  const all = new Map<string, Term>();
  const sizes = new Map<string, number>();
  for (const term of sums.flat()) {
    const key = keyOfTerm(term);
    const coefficient = (all.get(key)?.coefficient ?? 0) + term.coefficient;
    sizes.set(key, Math.max(sizes.get(key) ?? 0, Math.abs(term.coefficient)));
    all.set(key, { ...term, coefficient });
  }
  if (all.size > mostTerms) throw new BeyondAlgebra();
  return [...all].flatMap(([key, term]) =>
    Math.abs(term.coefficient) <= dust * (sizes.get(key) ?? 0) ? [] : [term],
  );
}

export function scaledSum(sum: Sum, by: number): Sum {
  return sum.map((term) => ({ ...term, coefficient: term.coefficient * by }));
}

/** Two terms as one; exponents of the same atom are added. */
export function termProduct(a: Term, b: Term): Term {
  const factors = new Map(a.factors);
  for (const [key, { atom, exponent }] of b.factors) {
    const whole = (factors.get(key)?.exponent ?? 0) + exponent;
    if (Math.abs(whole) < dust) factors.delete(key);
    else factors.set(key, { atom, exponent: whole });
  }
  return { coefficient: a.coefficient * b.coefficient, factors };
}

/** A term to any power; a number below 0 has no root. */
export function termPower({ coefficient, factors }: Term, exponent: number): Term {
  const whole = Number.isInteger(exponent);
  if ((coefficient < 0 && !whole) || (coefficient === 0 && exponent < 0)) throw new BeyondAlgebra();
  return {
    coefficient: coefficient ** exponent,
    factors: new Map(
      [...factors].map(([key, one]) => [key, { ...one, exponent: one.exponent * exponent }]),
    ),
  };
}

/** Every term with every term; sums that stand together once are opened on the way. */
export function product(a: Sum, b: Sum): Sum {
  if (a.length * b.length > mostTerms * 4) throw new BeyondAlgebra();
  const all = added(a.flatMap((one) => b.map((other) => termProduct(one, other))));
  return openedWhere(all, (exponent) => Math.abs(exponent - 1) < dust);
}

const isWholePower = (exponent: number) =>
  exponent > 0 && Number.isInteger(Number(exponent.toPrecision(12))) && exponent <= 4;

/** A term without the first of its sums that may be opened, and that sum as often as it stands there. */
function opening(term: Term, may: (exponent: number) => boolean) {
  for (const [key, { atom, exponent }] of term.factors) {
    if (atom.kind !== "sum" || !may(exponent)) continue;
    const factors = new Map(term.factors);
    factors.delete(key);
    return { rest: { ...term, factors }, inner: atom.of, times: Math.round(exponent) };
  }
  return undefined;
}

function openedWhere(sum: Sum, may: (exponent: number) => boolean): Sum {
  if (!sum.some((term) => opening(term, may))) return sum;
  const parts = sum.map((term): Sum => {
    const found = opening(term, may);
    if (!found) return [term];
    let whole: Sum = [found.rest];
    for (let turn = 0; turn < found.times; turn++) whole = product(whole, found.inner);
    return whole;
  });
  return openedWhere(added(...parts), may);
}

/** Opens all sums that stand to a whole power above 0. */
export function opened(sum: Sum): Sum {
  return openedWhere(sum, isWholePower);
}

/** A sum to a number as its power; one of several terms is kept together. */
export function power(sum: Sum, exponent: number): Sum {
  if (exponent === 0) return [numberTerm(1)];
  if (sum.length === 0) {
    if (exponent < 0) throw new BeyondAlgebra();
    return [];
  }
  if (exponent === 1) return sum;
  const [only] = sum as [Term];
  if (sum.length > 1) return [termOf({ kind: "sum", of: sum }, exponent)];
  return product([numberTerm(1)], [termPower(only, exponent)]);
}

/** Every symbol inside an atom. */
export function symbolsOfAtom(atom: Atom): ReadonlySet<string> {
  switch (atom.kind) {
    case "symbol":
      return new Set([atom.name]);
    case "pi":
      return new Set();
    case "power":
      return new Set([...symbolsOfSum(atom.base), ...symbolsOfSum(atom.exponent)]);
    case "call":
    case "sum":
      return symbolsOfSum(atom.of);
  }
}

export function symbolsOfSum(sum: Sum): ReadonlySet<string> {
  return new Set(
    sum.flatMap(({ factors }) =>
      [...factors.values()].flatMap(({ atom }) => [...symbolsOfAtom(atom)]),
    ),
  );
}
