import type { Finding } from "@/core/finding/finding";
import { findingSentence } from "./findings";
import { uncertaintyHeading, uncertaintySentence } from "./uncertainty";

test.each<Finding>([
  { name: "not-a-number", text: "abc" },
  { name: "comma-where-point-is-used", text: "1,2", meant: "1.2" },
  { name: "fraction-is-no-reading", text: "1/2" },
  { name: "number-too-small" },
  { name: "too-few-points", count: 1 },
  { name: "few-readings", count: 3, wanted: 5 },
  { name: "narrow-range", ratio: 1.4142135 },
  { name: "unlike-decimals", decimals: 0, usual: 1 },
  { name: "unlike-decimals", decimals: 3, usual: 1 },
  { name: "unknown-unit", symbol: "metr" },
])("$name is a whole sentence with its numbers, nothing raw in it", (finding) => {
  const sentence = findingSentence(finding);
  expect(sentence).toMatch(/^[“A-Z].*\.$/);
  expect(sentence).not.toMatch(/undefined|NaN|\d\.\d{4}|\[object/);
});

test("a ± says how it comes about", () => {
  const edges = { kind: "two-edges", edge: "0.5" } as const;
  expect(uncertaintySentence(edges, "1", "mm").replaceAll("\u00a0", " ")).toBe(
    "± 0.5 mm at each edge, twice because both ends are read: ± 1 mm.",
  );
  expect(uncertaintyHeading({ kind: "percent", percent: "2" })).toBe("± 2 %");
  expect(uncertaintyHeading({ kind: "fixed", amount: "" })).toBe("");
});
