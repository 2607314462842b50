import type { Expression, Operator } from "../../expression/tree";
import type { Atom, Factor, Sum, Term } from "./sum";

const operation = (operator: Operator, left: Expression, right: Expression): Expression => ({
  kind: "operation",
  operator,
  left,
  right,
});

export const numberExpression = (value: number): Expression => {
  const number: Expression = {
    kind: "number",
    value: Math.abs(value),
    text: String(Number(Math.abs(value).toPrecision(12))),
  };
  return value < 0 ? { kind: "negative", of: number } : number;
};

const largest = 64;

/** A number as a fraction of small whole numbers, where it is one. */
function fraction(value: number): readonly [number, number] | undefined {
  for (let below = 1; below <= largest; below++) {
    const above = value * below;
    if (Math.abs(above - Math.round(above)) < 1e-9 * Math.max(1, Math.abs(above))) {
      return [Math.round(above), below];
    }
  }
  return undefined;
}

function exponentExpression(exponent: number): Expression {
  const found = fraction(exponent);
  if (!found || found[1] === 1) return numberExpression(exponent);
  return operation("/", numberExpression(found[0]), numberExpression(found[1]));
}

function atomExpression(atom: Atom): Expression {
  switch (atom.kind) {
    case "symbol":
      return { kind: "symbol", name: atom.name };
    case "pi":
      return { kind: "pi" };
    case "call":
      return { kind: "call", name: atom.name, of: sumExpression(atom.of) };
    case "power":
      return operation("^", sumExpression(atom.base), sumExpression(atom.exponent));
    case "sum":
      return sumExpression(atom.of);
  }
}

/** One atom to a power above 0; exp and symbolic powers take it inside. */
function raised(atom: Atom, exponent: number): Expression {
  if (atom.kind === "call" && atom.name === "exp" && exponent !== 1) {
    const of = atom.of.map((term) => ({ ...term, coefficient: term.coefficient * exponent }));
    return { kind: "call", name: "exp", of: sumExpression(of) };
  }
  const plain = atomExpression(atom);
  if (exponent === 1) return plain;
  if (exponent === 0.5) return { kind: "call", name: "sqrt", of: plain };
  return operation("^", plain, exponentExpression(exponent));
}

const times = (parts: readonly Expression[]) =>
  parts.reduce((whole, part) => operation("*", whole, part));

/** A term whose number is the root of a fraction, with all its square roots as one: √(s/2g), not 0.7071 √s/√g. */
function underRoot({ coefficient, factors }: Term): readonly Expression[] | undefined {
  if (fraction(coefficient) || !fraction(coefficient ** 2)) return undefined;
  const isRoot = ({ exponent }: Factor) => Math.abs(exponent) === 0.5;
  const all = [...factors];
  const inside = all
    .filter(([, one]) => isRoot(one))
    .map(([key, one]) => [key, { ...one, exponent: 2 * one.exponent }] as const);
  const root = { coefficient: coefficient ** 2, factors: new Map(inside) };
  const rest = new Map(all.filter(([, one]) => !isRoot(one)));
  return [
    { kind: "call", name: "sqrt", of: termExpression(root) },
    ...(rest.size > 0 ? [termExpression({ coefficient: 1, factors: rest })] : []),
  ];
}

/** A term without its sign: numbers, π and symbols over those with powers below 0. */
function termExpression({ coefficient, factors }: Term): Expression {
  const size = Math.abs(coefficient);
  const root = underRoot({ coefficient: size, factors });
  if (root) return times(root);
  const found = fraction(size);
  const [above, below] = found ?? [size, 1];
  const order = (atom: Atom) => (atom.kind === "pi" ? 0 : atom.kind === "symbol" ? 1 : 2);
  const sorted = [...factors.values()].sort((a, b) => order(a.atom) - order(b.atom));
  const isExp = ({ kind, ...rest }: Atom) =>
    kind === "call" && "name" in rest && rest.name === "exp";
  const up = sorted.filter(({ atom, exponent }) => exponent > 0 || isExp(atom));
  const down = sorted.filter((one) => !up.includes(one));
  const tops = [
    ...(above === 1 && up.length > 0 ? [] : [numberExpression(above)]),
    ...up.map(({ atom, exponent }) => raised(atom, exponent)),
  ];
  const bottoms = [
    ...(below === 1 ? [] : [numberExpression(below)]),
    ...down.map(({ atom, exponent }) => raised(atom, -exponent)),
  ];
  return bottoms.length === 0 ? times(tops) : operation("/", times(tops), times(bottoms));
}

/** Terms as an expression again, as one would write it. */
export function sumExpression(sum: Sum): Expression {
  const sorted = [...sum].sort((a, b) => Number(b.coefficient > 0) - Number(a.coefficient > 0));
  const [first, ...rest] = sorted;
  if (!first) return numberExpression(0);
  const begin: Expression =
    first.coefficient < 0 ? { kind: "negative", of: termExpression(first) } : termExpression(first);
  return rest.reduce(
    (whole, term) => operation(term.coefficient < 0 ? "-" : "+", whole, termExpression(term)),
    begin,
  );
}
