import type { CurveRule } from "./curveRule";

const degrees = { parabola: 2, cubic: 3, quartic: 4, quintic: 5, sextic: 6 } as const;
export type PolynomialName = keyof typeof degrees;

/** The degree of a family that is a polynomial. */
export function degreeOf(family: string): number | undefined {
  return degrees[family as PolynomialName];
}

function polynomial(degree: number): CurveRule {
  const terms = Array.from({ length: degree - 1 }, (_, i) => `c_${i + 2}*x^${i + 2}`);
  return { formula: `c_0 + c_1*x + ${terms.join(" + ")}`, starts: () => [{}] };
}

/** Parabola to the sixth degree. */
export const polynomials: Readonly<Record<PolynomialName, CurveRule>> = {
  parabola: polynomial(2),
  cubic: polynomial(3),
  quartic: polynomial(4),
  quintic: polynomial(5),
  sextic: polynomial(6),
};
