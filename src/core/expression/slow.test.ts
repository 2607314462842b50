import { parseFormula } from "./parseFormula";
import { toTex } from "./tex";

const nested = (open: string, close: string) => {
  const levels = Math.floor(199 / (open.length + close.length));
  return `${open.repeat(levels)}x${close.repeat(levels)}`;
};

/** How often a part of a formula is written: a sign of work that doubles with each level. */
function symbolsWritten(text: string): number {
  const parsed = parseFormula(text);
  if (parsed.kind !== "formula") return 0;
  let written = 0;
  toTex(parsed.expression, (name) => ({ tex: (written++, name), single: true }));
  return written;
}

test("each part of a formula is written once or twice, however deep it stands", () => {
  for (const [open, close] of [
    ["1/(1+", ")"],
    ["(x+", ")^2"],
    ["x-(", ")"],
    ["sqrt(x+", ")"],
  ] as const) {
    // prettier-ignore
    const text = nested(open, close);
    const symbols = text.match(/x/g)?.length ?? 0;
    expect(symbolsWritten(text)).toBeLessThanOrEqual(3 * symbols);
  }
});

test("changes of changes of changes double the work, and have an end", () => {
  const text = (levels: number) => `${"change(".repeat(levels)}x${")".repeat(levels)}`;
  expect(parseFormula(text(5)).kind).toBe("formula");
  expect(parseFormula(text(6))).toMatchObject({ finding: { name: "formula-too-long" } });
});
