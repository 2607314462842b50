import { numberLine } from "./numberLine";

const axis = { symbol: [{ text: "E", italic: true }], unit: [{ text: "GPa" }], headings: "slash" } as const; // prettier-ignore
const ranges = [
  { label: "this bench", value: 203, uncertainty: 15, tone: "own" },
  { label: "data sheet with a very long name of its own", value: 228, uncertainty: 0, tone: "accepted" },
] as const; // prettier-ignore

describe("two ranges on a number line", () => {
  const scene = numberLine(ranges, axis, 400, "point");
  const words = scene.shapes.flatMap((shape) =>
    shape.kind === "text" ? [shape.runs.map(({ text }) => text).join("")] : [],
  );

  test("both are named over an axis that says symbol and unit", () => {
    expect(words).toEqual(expect.arrayContaining([ranges[0].label, ranges[1].label, "E / GPa"]));
    expect(words).toContain("200");
  });

  test("a range is drawn as long as its ±, an exact value as a dot", () => {
    const bars = scene.shapes.filter(({ role }) => role === "error-bars");
    expect(bars).toHaveLength(1);
    expect(scene.shapes.filter(({ role }) => role === "points")).toHaveLength(2);
  });

  test("no label leaves the paper", () => {
    for (const shape of scene.shapes) {
      if (shape.kind !== "text") continue;
      for (const run of shape.runs) expect(shape.x + run.x).toBeGreaterThanOrEqual(0);
    }
  });

  test("a decimal comma follows the house", () => {
    const near = [{ ...ranges[0], value: 0.62, uncertainty: 0.02 }];
    const shapes = numberLine(near, axis, 400, "comma").shapes;
    const ticks = shapes.flatMap((one) => (one.kind === "text" && one.role === "tick-label" ? one.runs[0]!.text : [])); // prettier-ignore
    expect(ticks.some((text) => /^0,\d+$/.test(text))).toBe(true);
  });
});
