import { backSubstituted, orthogonalFactors } from "../curves/orthogonalFactors";
import { type CurveRule, type Named, type Points, spanOf, withinHalfTurn } from "./curveRule";

const mostRates = 500;
const mostPoints = 250;

/** The levels at which sin and cos of one rate, fading as given, come nearest to the points. */
function atRate({ x, y }: Points, rate: number, fading: number) {
  const fade = x.map((value) => Math.exp(-fading * value));
  const columns = [
    x.map((value, i) => (fade[i] as number) * Math.sin(rate * value)),
    x.map((value, i) => (fade[i] as number) * Math.cos(rate * value)),
    x.map(() => 1),
  ];
  const { r, along, beside } = orthogonalFactors(columns, y);
  const found = backSubstituted(r, along);
  return found && { squares: beside, phase: Math.atan2(found[1] as number, found[0] as number) };
}

/** From a quarter of a swing over all x to half a swing between neighbours. */
function rates({ x }: Points): number[] {
  const { size } = spanOf(x);
  const turns = Math.min(mostRates, 4 * x.length);
  const fastest = (Math.PI * (x.length - 1)) / size;
  const slowest = (0.5 * Math.PI) / size;
  return Array.from({ length: turns }, (_, i) => slowest + ((fastest - slowest) * i) / turns);
}

function beginnings(points: Points, fadings: readonly number[]): Named[] {
  const stride = Math.ceil(points.x.length / mostPoints);
  const few = {
    x: points.x.filter((_, i) => i % stride === 0),
    y: points.y.filter((_, i) => i % stride === 0),
  };
  const found = fadings.flatMap((g) =>
    rates(few).flatMap((rate) => {
      const one = atRate(few, rate, g);
      return one ? [{ ω: rate, φ: one.phase, g, squares: one.squares }] : [];
    }),
  );
  return found
    .sort((a, b) => a.squares - b.squares)
    .slice(0, 4)
    .map(({ ω, φ, g }) => ({ ω, φ, g }));
}

/** a > 0, ω > 0 and φ within half a turn. */
function usual(values: Named): Named {
  let { a = 0, ω = 0, φ = 0 } = values;
  if (ω < 0) [ω, φ] = [-ω, Math.PI - φ];
  if (a < 0) [a, φ] = [-a, φ + Math.PI];
  return { ...values, a, ω, φ: withinHalfTurn(φ) };
}

/** y = a sin(ωx + φ) + c. */
export const sine: CurveRule = {
  formula: "a*sin(ω*x + φ) + c",
  starts: (points) => beginnings(points, [0]).map(({ ω = 0, φ = 0 }) => ({ ω, φ })),
  ambiguous: true,
  normalise: usual,
};

/** y = a exp(−g x) sin(ωx + φ) + c. */
export const dampedSine: CurveRule = {
  formula: "a*exp(-g*x)*sin(ω*x + φ) + c",
  starts: (points) => {
    const { size } = spanOf(points.x);
    return beginnings(points, [0.3 / size, 1.5 / size, 5 / size]);
  },
  ambiguous: true,
  normalise: usual,
};
