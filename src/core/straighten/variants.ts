import { added, BeyondAlgebra, power, product, scaledSum, type Sum, termOf } from "./algebra/sum";
import { logarithmOf, sumOf } from "./algebra/fromExpression";
import { sumExpression } from "./algebra/toExpression";
import type { Act, Step } from "./steps";
import type { Theory } from "./theory";

/** An equation that follows from the theory, with the steps that lead to it. */
export interface Variant {
  readonly left: Sum;
  readonly right: Sum;
  readonly steps: readonly Step[];
}

function after(from: Variant, act: Act, left: Sum, right: Sum): Variant {
  const step = { act, left: sumExpression(left), right: sumExpression(right) };
  return { left, right, steps: [...from.steps, step] };
}

/** What an act gives, or nothing where it leads beyond what can be worked with. */
function attempted<Result>(work: () => Result): Result[] {
  try {
    return [work()];
  } catch (error) {
    if (error instanceof BeyondAlgebra || error instanceof RangeError) return [];
    throw error;
  }
}

const mostAlone = 8;

/** The equation with each of its terms alone on one side, above 0. */
function isolated(from: Variant): Variant[] {
  const whole = added(from.left, scaledSum(from.right, -1));
  const alone = whole.slice(0, mostAlone).map((term) => {
    const sign = term.coefficient < 0 ? -1 : 1;
    const rest = scaledSum(
      whole.filter((other) => other !== term),
      -sign,
    );
    return after(from, { kind: "bring-over" }, scaledSum([term], sign), rest);
  });
  return [from, ...alone];
}

/** Powers that would open a sum which stands under a root or in a denominator. */
function openingPowers({ left, right }: Variant): number[] {
  const exponents = [...left, ...right].flatMap(({ factors }) =>
    [...factors.values()].flatMap(({ atom, exponent }) => (atom.kind === "sum" ? [exponent] : [])),
  );
  return [...new Set(exponents.map((exponent) => Number((1 / exponent).toPrecision(12))))].filter(
    (found) => found !== 1,
  );
}

function transformed(from: Variant): Variant[] {
  const { left, right } = from;
  const logarithm = attempted(() =>
    after(from, { kind: "logarithm" }, logarithmOf(left, "ln"), logarithmOf(right, "ln")),
  );
  const raised = openingPowers(from).flatMap((exponent) =>
    attempted(() =>
      after(
        ...([from, { kind: "raise", power: exponent }] as const),
        ...([power(left, exponent), power(right, exponent)] as const),
      ),
    ),
  );
  return [from, ...logarithm, ...raised];
}

/** The sum that stands in a denominator, with how often. */
function denominator(sum: Sum): Sum | undefined {
  for (const { factors } of sum) {
    for (const { atom, exponent } of factors.values()) {
      if (atom.kind === "sum" && exponent < 0 && Number.isInteger(exponent)) {
        return [termOf(atom, -exponent)];
      }
    }
  }
  return undefined;
}

const mostClearings = 3;

/** The equation freed from sums in denominators, one after the other. */
function cleared(from: Variant): Variant[] {
  const found = [from];
  let now = from;
  for (let turn = 0; turn < mostClearings; turn++) {
    const below = denominator([...now.left, ...now.right]);
    if (!below) return found;
    const [next] = attempted(() => {
      const act: Act = { kind: "multiply", by: sumExpression(below) };
      return after(now, act, product(now.left, below), product(now.right, below));
    });
    if (!next) return found;
    found.push(next);
    now = next;
  }
  return found;
}

/** Equations that follow from a theory by a few steps, each of which might show a straight line. */
export function variantsOf({ left, right }: Theory): readonly Variant[] {
  const begun = attempted((): Variant => ({
    left: sumOf(left),
    right: sumOf(right),
    steps: [{ act: { kind: "as-typed" }, left, right }],
  }));
  return begun.flatMap(isolated).flatMap(transformed).flatMap(cleared);
}
