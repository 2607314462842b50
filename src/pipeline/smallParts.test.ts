import { distinctPlaces } from "@/figure/layout/distinctPlaces";
import { markerAt, markerPath } from "@/figure/layout/marker";
import { svgPath } from "@/figure/render/svgPath";
import { colourOf, palette, seriesColour } from "@/figure/palette";
import { freeSymbol, proposedSymbol } from "@/intake/freeSymbol";
import { cellKey, cellPlace, reasonSetAside } from "@/investigation/model/row";
import { constantFinding } from "./readings/constants";
import { symbolFinding } from "./readings/symbols";

describe("symbols", () => {
  const taken = new Set(["L", "λ"]);

  test.each([
    ["", "no-symbol"],
    ["sin", "symbol-is-a-function"],
    ["mean", "symbol-is-a-function"],
    ["L", "symbol-taken"],
    ["lambda", "symbol-taken"],
    ["t_10", undefined],
  ])("%j: %s", (symbol, name) => {
    expect(symbolFinding(symbol, taken)?.name).toBe(name);
  });

  test.each([
    ["t", "t"],
    ["L", "L_2"],
    ["lambda", "lambda_2"],
    ["ln", "ln_2"],
  ])("%s becomes %s", (wanted, free) => {
    expect(freeSymbol(wanted, taken)).toBe(free);
  });

  test("a name proposes its first letter", () => {
    expect(proposedSymbol("Time for ten swings")).toBe("t");
    expect(proposedSymbol("2nd run")).toBe("n");
    expect(proposedSymbol("12")).toBe("q");
  });
});

describe("cell keys", () => {
  test.each([
    ["time", 1, "time"],
    ["time", 2, "time~2"],
    ["a-b_c", 12, "a-b_c~12"],
  ])("%s, repeat %d is %s, and back", (quantity, repeat, key) => {
    expect(cellKey(quantity, repeat)).toBe(key);
    expect(cellPlace(key)).toEqual({ quantity, repeat });
  });

  test("a cell's own reason goes before its row's", () => {
    const row = { order: "a", table: "main", readings: {}, setAside: { _row: "whole", t: "own" } };
    expect(reasonSetAside(row, "t")).toBe("own");
    expect(reasonSetAside(row, "t~2")).toBe("whole");
  });
});

describe("a constant as it is typed", () => {
  const constant = (part: object) => ({
    order: "a",
    name: "",
    symbol: "b",
    value: "25.4",
    uncertainty: "0.1",
    unit: "mm",
    source: "",
    ...part,
  });

  test.each([
    [{}, undefined],
    [{ uncertainty: "" }, undefined],
    [{ value: "about 25" }, "value"],
    [{ uncertainty: "-0.1" }, "uncertainty"],
    [{ unit: "metr" }, "unit"],
    [{ symbol: "L" }, "symbol"],
    [{ symbol: "exp" }, "symbol"],
  ])("%j", (part, field) => {
    expect(constantFinding(constant(part), "point", new Set(["L"]))?.field).toBe(field);
  });
});

describe("many points on a small paper", () => {
  test("few are all drawn", () => {
    const alike = new Float64Array(5).fill(1);
    expect(distinctPlaces(alike, alike)).toEqual([0, 1, 2, 3, 4]);
  });

  test("of many each spot once, with every extreme", () => {
    const count = 50_000;
    const across = Float64Array.from({ length: count }, (_, i) => (i / count) * 400);
    const up = across.map((_, i) => (i === 31_234 ? 299 : 100));
    const kept = distinctPlaces(across, up);
    expect(kept.length).toBeLessThan(1500);
    expect(kept).toContain(31_234);
    expect(kept[0]).toBe(0);
  });
});

describe("markers", () => {
  test("five shapes about the same place, then round again", () => {
    const paths = [0, 1, 2, 3, 4].map((number) => svgPath(markerPath(markerAt(number), 10, 10, 2)));
    expect(new Set(paths).size).toBe(5);
    expect(markerAt(5)).toBe("disc");
    for (const path of paths) expect(path).not.toMatch(/NaN|undefined|e-/);
  });

  test("ink without series, never magenta", () => {
    expect(colourOf({ name: "", seriesNumber: 3 }, { style: "screen" })).toBe(palette.ink);
    expect(colourOf({ name: "wire", seriesNumber: 1 }, { style: "print" })).toBe("#000000");
    for (let place = 0; place < 6; place++) expect(seriesColour(place)).not.toBe(palette.magenta);
    expect(colourOf({ name: "wire", seriesNumber: 1 }, { style: "screen" })).toBe(seriesColour(1));
  });
});
