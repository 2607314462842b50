import { pathsOf, textsOf } from "../../../tests/fixtures/sceneParts";
import { classLine, type ClassLine } from "./classLine";

const axis = {
  symbol: [{ text: "E", italic: true }],
  unit: [{ text: "GPa" }],
  headings: "slash",
  mark: "point",
} as const;
const bench = (label: string, value: number, apart = false) => ({
  label,
  value,
  uncertainty: 10,
  apart,
});
const drawn = (line: ClassLine) =>
  classLine(line, axis, { width: 600, letters: 12, inks: "light" });
const words = (line: ClassLine, role: "label" | "tick-label" | "axis-label") =>
  textsOf(drawn(line), role).map(({ runs }) => runs.map(({ text }) => text).join(""));

test("each bench has a row with its number, its ± and its point, in their order; the mean comes last", () => {
  const line = {
    benches: [bench("1", 200), bench("2", 210)],
    mean: { label: "all", value: 205, uncertainty: 7 },
  };
  expect(words(line, "label")).toEqual(["1", "2", "all"]);
  const heights = textsOf(drawn(line), "label").map(({ y }) => y);
  expect(heights).toEqual(heights.toSorted((a, b) => a - b));
  expect(pathsOf(drawn(line), "error-bars")).toHaveLength(3);
  expect(words(line, "axis-label")).toEqual(["E / GPa"]);
});

test("one that is a thousand times too large does not press the others together: an arrow points to it", () => {
  const line = { benches: [bench("1", 200), bench("2", 210), bench("7", 210_000, true)] };
  const ticks = words(line, "tick-label").map(Number);
  expect(Math.max(...ticks)).toBeLessThan(300);
  expect(pathsOf(drawn(line), "arrow")).toHaveLength(1);
  expect(words(line, "label")).toEqual(["1", "2", "7"]);
  const near = { benches: [bench("1", 200), bench("2", 210), bench("7", 160, true)] };
  expect(pathsOf(drawn(near), "arrow")).toHaveLength(0);
});

test("all letters are on the paper, with thirty benches and a long accepted value at the edge", () => {
  const scene = drawn({
    benches: Array.from({ length: 30 }, (_, i) => bench(String(i + 1), 200 + i)),
    accepted: { value: 245, uncertainty: 3, label: [{ text: "accepted (245 ± 3) GPa" }] },
  });
  for (const { x, y, runs } of scene.shapes.filter((one) => one.kind === "text")) {
    for (const run of runs) expect(x + run.x).toBeGreaterThan(-1);
    expect(x).toBeLessThan(scene.width + 1);
    expect(y).toBeLessThan(scene.height);
  }
});
