import { evaluateAt } from "../expression/evaluate";
import { printFormula } from "../expression/print";
import type { Expression } from "../expression/tree";
import { SeededChance } from "../statistics/seededChance";
import { straightenTheory } from "./straightenTheory";
import { readTheory } from "./theory";

function straightened(equation: string, measured: string[], known: string[] = []) {
  const read = readTheory(equation);
  if (read.kind !== "theory") throw new Error(equation);
  return straightenTheory(read.theory, { measured, known });
}

function best(equation: string, measured: string[], known: string[] = []) {
  const outcome = straightened(equation, measured, known);
  if (outcome.kind === "refused") throw new Error(outcome.finding.name);
  return outcome.pairs[0]!;
}

const said = (equation: string, measured: string[], known: string[] = []) => {
  const { vertical, horizontal, slope, intercept } = best(equation, measured, known);
  return [vertical, horizontal, slope, intercept].map(printFormula);
};

describe("equations as students meet them", () => {
  test.each<[string, string[], string[]]>([
    ["T = 2π√(4 m L³/(E b d³))", ["L", "T"], ["T^2", "L^3", "16*pi^2*m/(E*b*d^3)", "0"]],
    ["1/u + 1/v = 1/f", ["u", "v"], ["1/v", "1/u", "-1", "1/f"]],
    ["k = A exp(−Ea/(R T))", ["T", "k"], ["ln(k)", "1/T", "-(Ea/R)", "ln(A)"]],
    ["v² = u² + 2 a s", ["s", "v"], ["v^2", "s", "2*a", "u^2"]],
    ["s = u t + a t²/2", ["t", "s"], ["s/t", "t", "a/2", "u"]],
    ["I = I_0/(d + e)²", ["d", "I"], ["1/sqrt(I)", "d", "1/sqrt(I_0)", "e/sqrt(I_0)"]],
    ["I = I_0 exp(−μ x)/x²", ["x", "I"], ["ln(I*x^2)", "x", "-μ", "ln(I_0)"]],
    ["p V^γ = k", ["V", "p"], ["ln(p)", "ln(V)", "-γ", "ln(k)"]],
    ["L + e = v/(4 f)", ["f", "L"], ["L", "1/f", "v/4", "-e"]],
    ["v² = 2 g h", ["h", "v"], ["v^2", "h", "2*g", "0"]],
  ])("%s", (equation, measured, expected) => {
    expect(said(equation, measured)).toEqual(expected);
  });

  test("a known number may stand inside a transform, an unknown one may not", () => {
    const cooling = "θ = A exp(−k t) + θ_r";
    expect(straightened(cooling, ["t", "θ"])).toMatchObject({
      finding: { name: "theory-stays-curved" },
    });
    expect(said(cooling, ["t", "θ"], ["θ_r"])).toEqual(["ln(θ - θ_r)", "t", "-k", "ln(A)"]);
  });

  test.each([
    "y = a + b x + c x²",
    "y = a sin(w x)",
    "y = a x^n + c",
    "y = a exp(b x) + c exp(d x)",
  ])("%s is refused", (equation) => {
    expect(straightened(equation, ["x", "y"]).kind).toBe("refused");
  });

  test("one measured symbol gives no line, and two = no theory", () => {
    expect(straightened("y = a x", ["y"])).toMatchObject({
      finding: { name: "theory-needs-two-measured" },
    });
    expect(readTheory("a = b = c")).toMatchObject({ finding: { name: "theory-needs-one-equals" } });
    expect(readTheory("y = 3 x +")).toMatchObject({ finding: { name: "broken-formula" } });
    expect(readTheory("  ")).toEqual({ kind: "empty" });
  });

  test("the way is told in steps, each an equation of its own", () => {
    const { steps } = best("T = 2π√(4 m L³/(E b d³))", ["L", "T"]);
    expect(steps.map(({ act }) => act.kind)).toEqual(["as-typed", "raise"]);
    expect(printFormula(steps[1]!.left)).toBe("T^2");
    expect(printFormula(steps[1]!.right)).toBe("16*pi^2*m*L^3/(E*b*d^3)");
    const cleared = best("v = V S/(K + S)", ["S", "v"]).steps;
    expect(cleared.map(({ act }) => act.kind)).toContain("raise");
  });

  test("a transform that widens the ± much stands behind one that does not", () => {
    const read = readTheory("s = u t + a t²/2");
    if (read.kind !== "theory") throw new Error();
    const wanted = { measured: ["t", "s"], known: [] };
    const widening = (one: Expression) => (printFormula(one) === "s/t" ? 1000 : 1);
    const outcome = straightenTheory(read.theory, { ...wanted, widening });
    if (outcome.kind === "refused") throw new Error();
    expect(printFormula(outcome.pairs[0]!.vertical)).not.toBe("s/t");
  });
});

/** A theory made by chance, with the y that belongs to an x, and whether it can be made straight at all. */
interface Made {
  readonly equation: string;
  readonly solve: (x: number, c: Readonly<Record<string, number>>) => number;
  readonly straight: boolean;
}

function made(chance: SeededChance): Made {
  const pick = <One>(all: readonly One[]) => all[Math.floor(chance.uniform() * all.length)]!;
  const power = () => pick([-2, -1, -0.5, 0.5, 1, 1.5, 2, 3]);
  const [p, q, r] = [pick([1, 2, 0.5, -1]), power(), power()];
  const b = (n: number) => `b^(${n})`;
  return pick<() => Made>([
    () => ({
      equation: `y^(${p}) = a*${b(r)}*x^(${q})`,
      solve: (x, c) => (c.a! * c.b! ** r * x ** q) ** (1 / p),
      straight: true,
    }),
    () => ({
      equation: `y = a*exp(-x^(${q})/b)`,
      solve: (x, c) => c.a! * Math.exp(-(x ** q) / c.b!),
      straight: true,
    }),
    () => ({
      equation: `y^(${p}) = a*x^(${q}) + b`,
      solve: (x, c) => (c.a! * x ** q + c.b!) ** (1 / p),
      straight: true,
    }),
    () => ({
      equation: `y = a*x^(${q}) + b*x^(${q + 1})`,
      solve: (x, c) => c.a! * x ** q + c.b! * x ** (q + 1),
      straight: true,
    }),
    () => ({
      equation: `a/y = b + x^(${q})`,
      solve: (x, c) => c.a! / (c.b! + x ** q),
      straight: true,
    }),
    () => ({
      equation: `y = a*x^(${q})*exp(b*x)`,
      solve: (x, c) => c.a! * x ** q * Math.exp(c.b! * x),
      straight: true,
    }),
    () => ({
      equation: `y = a*exp(-b*x) + c`,
      solve: (x, c) => c.a! * Math.exp(-c.b! * x) + c.c!,
      straight: false,
    }),
    () => ({
      equation: `y = a*(x + b)^(${pick([-1, 2, 0.5, 3])}) + c*x^2`,
      solve: () => NaN,
      straight: false,
    }),
  ])();
}

const at = (expression: Expression, numbers: Readonly<Record<string, number>>) => {
  const found = evaluateAt(expression, numbers);
  return found.kind === "value" ? found.value : NaN;
};

test.each(Array.from({ length: 100 }, (_, seed) => [seed]))(
  "theory made by chance %d is straightened rightly or refused",
  (seed) => {
    const chance = new SeededChance(seed + 1);
    const { equation, solve, straight } = made(chance);
    const outcome = straightened(equation, ["x", "y"]);
    expect([equation, outcome.kind]).toEqual([equation, straight ? "pairs" : "refused"]);
    for (const pair of outcome.kind === "pairs" ? outcome.pairs : []) {
      for (let turn = 0; turn < 5; turn++) {
        const c = { a: 0.5 + chance.uniform(), b: 0.5 + chance.uniform(), c: chance.uniform() };
        const x = 0.3 + 2 * chance.uniform();
        const numbers = { ...c, x, y: solve(x, c) };
        const [v, h] = [at(pair.vertical, numbers), at(pair.horizontal, numbers)];
        const line = at(pair.slope, numbers) * h + at(pair.intercept, numbers);
        expect(Math.abs(v - line)).toBeLessThan(1e-7 * (1 + Math.abs(v) + Math.abs(line)));
      }
    }
  },
);
