import type { Uncertainty } from "../model/uncertainty";
import { readUncertaintyText, uncertaintyText } from "./uncertaintyText";

test.each<Uncertainty>([
  { kind: "none" },
  { kind: "fixed", amount: "0.1" },
  { kind: "fixed", amount: "" },
  { kind: "up-and-down", up: "0.3", down: "0.1" },
  { kind: "percent", percent: "2" },
  { kind: "percent-and-digits", percent: "0.5", digits: "3" },
  { kind: "half-division", division: "0.001" },
  { kind: "two-edges", edge: "0.0005" },
  { kind: "last-digit" },
  { kind: "counting" },
  { kind: "column", column: "ΔL" },
])("%j is written so that it can be read back", (uncertainty) => {
  const text = uncertaintyText(uncertainty, (symbol) => symbol);
  expect(text).not.toMatch(/undefined|\[object|^[=+@-]/);
  expect(readUncertaintyText(text)).toEqual(uncertainty);
});

test("what is not understood is no ±", () => {
  expect(readUncertaintyText("about a tenth")).toEqual({ kind: "none" });
  expect(readUncertaintyText("")).toEqual({ kind: "none" });
});
