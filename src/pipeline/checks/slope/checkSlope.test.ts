import { chooseAxis } from "@/investigation/acts/chooseAxis";
import { describeFigure } from "@/investigation/acts/describeFigure";
import { setAxis } from "@/investigation/acts/setAxis";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { setLine } from "@/investigation/acts/setLine";
import { typeReadings } from "@/investigation/acts/typeReadings";
import type { Act } from "@/investigation/acts/act";
import type { Finding } from "@/core/finding/finding";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../../../../tests/fixtures/plainRule";
import { fitFigure } from "../../lines/fit";
import { evaluateTables } from "../../table/table";
import { checkSlope } from "./checkSlope";
import { dominantReading } from "./dominantReading";
import { missedBoxes } from "./missedBoxes";
import type { SlopeLooked } from "./slopeCheck";

function found(document: Investigation): readonly Finding[] {
  const figure = document.figures.main!;
  const fit = fitFigure(evaluateTables(document), figure, document.houseRules)!;
  return fit.lines.flatMap((one) => checkSlope(figure, fit, one, document.houseRules));
}

const names = (document: Investigation) => found(document).map(({ name }) => name);
const after = <Args>(act: Act<Args>, args: Args, from = plainRule()) =>
  perform(from, act, args).document;

describe("what a strict reader says of a line", () => {
  test("of the sample only that its points lie closer than their bars allow, if anything", () => {
    expect(names(plainRule()).filter((name) => name !== "bars-seem-too-long")).toEqual([]);
  });

  test("a reading whose box the line misses is named by its row", () => {
    const readings = [{ row: "row4", cell: "overhang", text: "0.39" }];
    const document = after(typeReadings, { readings });
    const missed = found(document).filter(({ name }) => /missed|misses/.test(name));
    expect(missed.length).toBeGreaterThan(0);
  });

  test("T against L, which is a curve, is called one", () => {
    const along = after(chooseAxis, { figure: "main", axis: "x", quantity: "overhang" });
    const curve = found(along).find(({ name }) => name === "curve-in-residuals");
    expect(curve).toMatchObject({ pattern: ["above", "below", "above"] });
  });

  test("an intercept off zero counts only where the theory says zero", () => {
    const along = after(chooseAxis, { figure: "main", axis: "x", quantity: "overhang" });
    expect(names(along)).not.toContain("intercept-off-zero");
    const expecting = after(setLine, { figure: "main", change: { expectsZero: true } }, along);
    const statistics = after(setHouseRules, { slopeRange: "statistics" }, expecting);
    expect(names(statistics)).toContain("intercept-off-zero");
    const held = after(setLine, { figure: "main", change: { held: "zero" } }, statistics);
    expect(names(held)).not.toContain("intercept-off-zero");
  });

  test("R² in the words of the figure, spelt any way", () => {
    for (const caption of ["A good fit, R² = 0.999.", "with R^2 of 0.99", "R2 is high"]) {
      expect(names(after(describeFigure, { figure: "main", caption }))).toContain(
        "r-squared-for-uncertainty",
      );
    }
    const other = after(describeFigure, { figure: "main", caption: "Resistor R21 was warm." });
    expect(names(other)).not.toContain("r-squared-for-uncertainty");
  });

  test("a line drawn far beyond the readings, unless it is kept to them", () => {
    const change = { range: "hand", from: "0", to: "1" } as const;
    const long = after(setAxis, { figure: "main", axis: "x", change });
    expect(names(long)).toContain("line-far-beyond");
    const reach = { best: "data", steepest: "paper", shallowest: "paper" } as const;
    const kept = after(setLine, { figure: "main", change: { reach } }, long);
    expect(names(kept)).not.toContain("line-far-beyond");
  });

  test("one reading without which the slope would change by more than its ±", () => {
    const rows = ["a", "b", "c", "d"].map((id) => ({ id }));
    const looked = (without: readonly number[]) =>
      dominantReading({
        line: { slope: 2, standardErrorOfSlope: 0.1 },
        range: undefined,
        without,
        off: { points: rows },
        points: { rows, x: {}, y: {}, xValues: [1], yValues: [1] },
        fit: { table: { rows } },
        figure: {},
        rules: { uncertaintyMeans: "standard", propagation: "quadrature" },
      } as unknown as SlopeLooked);
    expect(looked([2.01, 1.98, 2.02, 2.3])).toEqual([
      { name: "dominant-reading", row: 4, percent: expect.closeTo(15, 6) },
    ]);
    expect(looked([2.01, 1.98, 2.02, 2.09])).toEqual([]);
  });

  test("many boxes missed, with limits sooner than with standard uncertainties", () => {
    const looked = (uncertaintyMeans: string, missed: readonly number[]) => {
      const rows = ["a", "b", "c", "d", "e"].map((id) => ({ id }));
      return missedBoxes({
        off: { missed, points: rows },
        rules: { uncertaintyMeans },
        points: { rows },
        fit: { table: { rows } },
      } as unknown as SlopeLooked);
    };
    expect(looked("limit", [3])).toEqual([{ name: "line-misses-boxes", rows: [4] }]);
    expect(looked("limit", [0, 3])).toEqual([{ name: "many-boxes-missed", missed: 2, of: 5 }]);
    expect(looked("standard", [0, 3])).toEqual([]);
    expect(looked("standard", [0, 1, 3])).toMatchObject([{ missed: 3 }]);
  });
});
