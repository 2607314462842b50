import fc from "fast-check";
import { evaluate as evaluatedByMathjs } from "mathjs/number";
import { evaluateAt } from "@/core/expression/evaluate";
import { parseFormula } from "@/core/expression/parseFormula";
import { plainFormula } from "@/core/expression/spelling";

const values = { a: 1.7, b: 0.6, t_1: 2.3 };

const sign = fc.constantFrom("+", "-", "*", "/", "^", " ", "", "×", "÷", "−");
const single = fc.oneof(
  fc.constantFrom("a", "b", "t_1", "t_{1}", "pi", "2", "0.5", ".25", "1.5e-3", "3.5", "a²", "b⁻¹"),
  fc.constantFrom("sin", "sqrt", "exp", "abs").map((name) => `${name}(a)`),
);
/** Formulas as they are typed, and what nearly is one: brackets left open, signs twice, numbers side by side. */
const typed = fc.letrec<{ text: string }>((tie) => ({
  text: fc.oneof(
    { depthSize: "small", withCrossShrink: true },
    single,
    fc.tuple(tie("text"), sign, tie("text")).map((parts) => parts.join("")),
    tie("text").map((inner) => `(${inner})`),
    tie("text").map((inner) => `-${inner}`),
    fc.tuple(fc.constantFrom("sin(", "sqrt(", "(", "a(", ")", "*"), tie("text")).map((parts) => parts.join("")), // prettier-ignore
  ),
})).text;

function byMathjs(text: string): number | undefined {
  try {
    const value: unknown = evaluatedByMathjs(plainFormula(text), { ...values });
    return typeof value === "number" ? value : undefined;
  } catch {
    return undefined;
  }
}

/** Whether two readings come to the same; a function of a one-letter name is a product here, and an error there. */
function agrees(text: string): boolean {
  const read = parseFormula(text);
  if (read.kind !== "formula") return true;
  const ours = evaluateAt(read.expression, values);
  const theirs = byMathjs(plainFormula(text).replace(/(?<![A-Za-z_])(a|b|pi|t_1)\s*\(/g, "$1*("));
  if (ours.kind !== "value" || theirs === undefined) return ours.kind !== "value";
  return Math.abs(ours.value - theirs) <= 1e-9 * Math.max(1, Math.abs(theirs));
}

test("whatever is read as a formula means what mathjs takes it for", () => {
  fc.assert(
    fc.property(typed, (text) => agrees(text)),
    { numRuns: 20_000, seed: 17 },
  );
});

test("what mathjs reads is read here too, but for quotients that can be read in two ways", () => {
  const refusals = new Set<string>();
  fc.assert(
    fc.property(typed, (text) => {
      const read = parseFormula(text);
      if (read.kind === "unreadable" && byMathjs(text) !== undefined) refusals.add(read.finding.name);
    }),
    { numRuns: 20_000, seed: 23 },
  ); // prettier-ignore
  expect([...refusals]).toEqual(["ambiguous-quotient"]);
});

test.each([
  ["a/b(t_1 + 1)", { name: "ambiguous-quotient" }],
  ["a @ b", { name: "unknown-sign", sign: "@" }],
  ["a == b", { name: "unknown-sign", sign: "==" }],
  ["a # b", { name: "unknown-sign", sign: "#" }],
  ["a .* b", { name: "unknown-sign", sign: ".*" }],
  ["2 3", { name: "broken-formula", before: "2" }],
  ["sin(a", { name: "broken-formula", before: "sin(a" }],
  ["1e999", { name: "not-a-formula" }],
])("%s", (text, finding) => {
  const read = parseFormula(text);
  expect(read.kind === "unreadable" ? read.finding : undefined).toEqual(finding);
});

test("brackets may stand within brackets; a sum of more than a hundred parts is too long", () => {
  const nested = `${"(".repeat(240)}a${")".repeat(240)}`;
  expect(parseFormula(nested)).toEqual(parseFormula("a"));
  const long = parseFormula(Array(120).fill("a").join("+"));
  expect(long).toEqual({ kind: "unreadable", finding: { name: "formula-too-long" } });
});
