import { chooseAxis } from "@/investigation/acts/chooseAxis";
import { describeFigure } from "@/investigation/acts/describeFigure";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { plotAlso } from "@/investigation/acts/plotAlso";
import { setAxis } from "@/investigation/acts/setAxis";
import { setLook } from "@/investigation/acts/setLook";
import { typeReadings } from "@/investigation/acts/typeReadings";
import type { Act } from "@/investigation/acts/act";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../../../../tests/fixtures/plainRule";
import { fitFigure } from "../../lines/fit";
import { evaluateTables } from "../../table/table";
import { checkFigure } from "./checkFigure";

const captioned = perform(plainRule(), describeFigure, {
  figure: "main",
  caption: "Ten swings at seven overhangs.",
}).document;

function names(document: Investigation): string[] {
  const figure = document.figures.main!;
  const fit = fitFigure(evaluateTables(document), figure);
  return fit ? checkFigure(figure, 1, fit, document.houseRules).map(({ name }) => name) : [];
}

const after = <Args>(act: Act<Args>, args: Args) => names(perform(captioned, act, args).document);
const main = { figure: "main" };

describe("what a strict reader says of a figure", () => {
  test("nothing of a good one, and of the caption while it is only proposed", () => {
    expect(names(captioned)).toEqual([]);
    expect(names(plainRule())).toEqual(["no-caption"]);
  });

  test("the title in the wrong order", () => {
    expect(after(describeFigure, { ...main, title: "L^3 against T^2" })).toEqual(["title-order"]);
    expect(after(describeFigure, { ...main, title: "T^2 against L^3" })).toEqual([]);
  });

  test("an axis without a unit", () => {
    const { document } = perform(captioned, chooseAxis, { ...main, axis: "x", quantity: "time" });
    const bare = perform(document, describeQuantity, { quantity: "time", unit: "" }).document;
    expect(names(bare)).toContain("axis-without-unit");
  });

  test("points crowded into a corner", () => {
    const change = { range: "hand", from: "0", to: "1" } as const;
    expect(after(setAxis, { ...main, axis: "x", change })).toContain("paper-not-filled");
  });

  test("points joined, but not a smooth guide", () => {
    expect(after(setLook, { ...main, change: { join: "segments" } })).toEqual(["joined-points"]);
    expect(after(setLook, { ...main, change: { join: "guide" } })).toEqual([]);
  });

  test("steps of three", () => {
    const change = { range: "hand", from: "0", to: "0.15", step: "0.03" } as const;
    expect(after(setAxis, { ...main, axis: "x", change })).toEqual(["unusual-steps"]);
    expect(after(setAxis, { ...main, axis: "x", change: { ...change, step: "0.05" } })).toEqual([]);
  });

  test("a reading below zero on a logarithmic axis", () => {
    const readings = [{ row: "row1", cell: "overhang", text: "-0.2" }];
    const { document } = perform(captioned, typeReadings, { readings });
    const change = { scale: "log" } as const;
    const logarithmic = perform(document, setAxis, { ...main, axis: "x", change }).document;
    expect(names(logarithmic)).toContain("beyond-logarithm");
  });

  test("a further quantity in another unit", () => {
    expect(after(plotAlso, { ...main, quantity: "overhang", on: true })).toEqual(["other-unit"]);
  });
});
