import { plainRunText } from "@/core/unit/runText";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { setLine } from "@/investigation/acts/setLine";
import { plotAlso } from "@/investigation/acts/plotAlso";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import type { LineChoice } from "@/investigation/model/figure";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { interceptSentence, lineSentence, noRangeSentence } from "@/wording/lines";
import { figureSpecification } from "../figure/figure";
import { laidByHand } from "./byHand";
import { figureSize } from "../figure/figureSize";
import { fitFigure } from "./fit";
import { lineEquation } from "./lineEquation";
import { lineRange, rangeOfLine } from "./lineRange";
import { statedLine } from "./statedLine";
import { evaluateTables } from "../table/table";

function laid(change: Partial<LineChoice>, rules: Partial<HouseRules> = {}, from = plainRule()) {
  const ruled = perform(from, setHouseRules, rules).document;
  const { document } = perform(ruled, setLine, { figure: "main", change });
  const figure = document.figures.main!;
  const fit = fitFigure(evaluateTables(document), figure, document.houseRules)!;
  const [group] = fit.lines;
  if (group!.outcome.kind === "no-line") throw new Error(group!.outcome.finding.name);
  const { line } = group!.outcome;
  const range = lineRange(
    group!.fitted,
    group!.outcome,
    document.houseRules,
    laidByHand(figure, ""),
  )!;
  return { document, fit, group: group!, line, range, figure };
}

describe("the best line as it is chosen", () => {
  test("whose bars count says how it is weighted", () => {
    expect(laid({}).line.weighting).toBe("none");
    const { line } = laid({ weights: "y" });
    expect(line.weighting).toBe("y");
    expect(line.chiSquare).toBeGreaterThan(0);
    expect(laid({ weights: "xy" }).line.weighting).toBe("xy");
  });

  test("a limit counts as Δ/√3 and a standard uncertainty as it is", () => {
    const limits = laid({ weights: "y" }, { uncertaintyMeans: "limit" }).line;
    const standard = laid({ weights: "y" }, { uncertaintyMeans: "standard" }).line;
    expect(standard.standardErrorOfSlope! / limits.standardErrorOfSlope!).toBeCloseTo(
      Math.sqrt(3),
      9,
    );
    expect(standard.slope).toBeCloseTo(limits.slope, 12);
  });

  test.each<[Partial<LineChoice>, number, number]>([
    [{ held: "zero" }, 0, 0],
    [{ held: "intercept", intercept: "0.05" }, 0, 0.05],
    [{ held: "point", pointX: "0.1", pointY: "1.2" }, 0.1, 1.2],
  ])("%j goes through (%d, %d), whichever bars count", (held, x, y) => {
    for (const weights of ["none", "y", "xy"] as const) {
      const { line } = laid({ ...held, weights });
      expect(line.slope * x + line.intercept).toBeCloseTo(y, 12);
    }
  });

  test("a fixed slope stays, and only the intercept is uncertain", () => {
    const { line } = laid({ held: "slope", slope: "12.5" });
    expect(line.slope).toBe(12.5);
    expect(line.standardErrorOfSlope).toBe(0);
  });

  test("only a stretch of the readings takes part, though all are drawn", () => {
    const { line, group } = laid({ from: "0.02", to: "0.1" });
    expect(line.count).toBe(4);
    expect(group.points.rows).toHaveLength(7);
  });
});

describe("how far the line can turn", () => {
  test("every box, end boxes, statistics: each by the house rule", () => {
    const half = (slopeRange: HouseRules["slopeRange"]) => {
      const { range } = laid({}, { slopeRange });
      if (range.kind !== "range") throw new Error(range.kind);
      expect(range.steepest.slope).toBeGreaterThan(range.shallowest.slope);
      return range.halfOfSlope;
    };
    expect(half("every-box")).toBeCloseTo(0.36, 2);
    expect(half("end-boxes")).toBeGreaterThanOrEqual(half("every-box") - 1e-9);
    expect(half("statistics")).toBeCloseTo(0.07, 1);
  });

  test("a reading far off prevents it and is named", () => {
    const readings = [{ row: "row4", cell: "overhang", text: "0.39" }];
    const { document } = perform(plainRule(), typeReadings, { readings });
    const { range } = laid({}, {}, document);
    if (range.kind !== "none") throw new Error(range.kind);
    expect(range.factor).toBeGreaterThan(2);
    expect(range.preventing).toContain(3);
    expect(noRangeSentence(range.factor)).toMatch(/All bars would have to be \d+(\.\d+)? times/);
  });

  test("the figure draws what the ledger says, and no more", () => {
    const roles = (change: Partial<LineChoice>) => {
      const { figure, fit, document } = laid(change);
      const [series] = figureSpecification(figure, 1, fit, document.houseRules).series;
      return series!.lines.map(({ role }) => role);
    };
    expect(roles({})).toEqual(["best", "steepest", "shallowest"]);
    expect(roles({ steepest: false, best: false })).toEqual(["shallowest"]);
  });
});

describe("lines in words", () => {
  test("the equation is in the axes' own symbols, with units", () => {
    const { line, group, document, figure, fit } = laid({});
    const range = rangeOfLine(figure, group, document.houseRules);
    const found = { figure, table: fit.table, one: group, line, range };
    const stated = statedLine(found, document.houseRules);
    const written = lineEquation(stated, false, group.fitted, document.houseRules);
    const text = plainRunText(written);
    expect(text).toBe("T² = (12.3 ± 0.4)\u00a0s²\u00a0m⁻³ · L³ + (0.00 ± 0.01)\u00a0s²");
    const error = statedLine(found, document.houseRules, "error");
    expect(plainRunText(lineEquation(error, true, group.fitted, document.houseRules))).toBe(
      "T² = (12.32 ± 0.03)\u00a0s²\u00a0m⁻³ · L³ + (0.001 ± 0.002)\u00a0s² (weighted)",
    );
    const comma = { ...document.houseRules, decimalMark: "comma" } as const;
    expect(plainRunText(lineEquation(stated, false, group.fitted, comma))).toContain("12,3 ± 0,4");
  });

  test("a sentence says how it was found and whether zero is among the intercepts", () => {
    const { line, document } = laid({ weights: "xy" });
    expect(lineSentence(line, document.houseRules)).toMatch(/bars both ways.*σ = Δ\/√3/);
    expect(lineSentence(laid({}).line, document.houseRules)).toMatch(
      /every point counting the same/,
    );
    const about = (intercept: number, expected = false, held = false) =>
      interceptSentence({ intercept, half: 0.01, held, expected });
    expect(about(0.001)).toMatch(/includes zero.*allow/);
    expect(about(0.001, true)).toMatch(/agree with the theory/);
    expect(about(-0.2)).toMatch(/leaves zero out/);
    expect(about(-0.2, true)).toMatch(/systematic offset/);
    expect(about(0, false, true)).toMatch(/was held/);
    const unsure = { intercept: 1, half: undefined, held: false, expected: false };
    expect(interceptSentence(unsure)).toMatch(/Nothing here tells/);
    expect(interceptSentence({ ...unsure, half: 0 })).toMatch(/Nothing here tells/);
  });
});

describe("a figure's paper", () => {
  test.each([
    ["report", 482, 340, 8],
    ["half", 241, 193, 7],
    ["slide", 720, 405, 14],
  ] as const)("%s is %d × %d points", (size, width, height, textSize) => {
    expect(figureSize({ size, width: "", height: "" })).toEqual({ width, height, textSize });
  });

  test("a size of one's own is taken in centimetres, within reason", () => {
    const own = (width: string, height: string) => figureSize({ size: "own", width, height });
    expect(own("10", "8").width).toBe(Math.round((10 * 72) / 2.54));
    expect(own("10,5", "8").width).toBe(Math.round((10.5 * 72) / 2.54));
    expect(own("nonsense", "1e9").width).toBe(482);
    expect(own("nonsense", "1e9").height).toBeLessThan(3000);
    expect(own("4", "4").textSize).toBeGreaterThanOrEqual(7);
  });

  test("several quantities of one unit share it, each with its own marker and name", () => {
    const named = (document: Investigation) => {
      const { figure, fit } = laid({}, {}, document);
      const { series, y } = figureSpecification(figure, 1, fit, document.houseRules);
      return [series.map(({ name }) => name), plainRunText(y.symbol)];
    };
    const also = { figure: "main", quantity: "cubed", on: true };
    const apart = perform(plainRule(), plotAlso, also).document;
    expect(named(apart)[0]).toEqual([""]);
    const shown = { quantity: "cubed", unit: "l" };
    const other = perform(apart, describeQuantity, shown).document;
    expect(named(other)[0]).toEqual([""]);
  });
});
