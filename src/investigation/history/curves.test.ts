import { addCurve } from "../acts/addCurve";
import { drawTriangle } from "../acts/drawTriangle";
import { plotPair } from "../acts/plotPair";
import { removeCurve } from "../acts/removeCurve";
import { setCurve } from "../acts/setCurve";
import { setParameter } from "../acts/setParameter";
import type { Act } from "../acts/act";
import type { Investigation } from "../model/investigation";
import { validateInvestigation } from "../model/schema";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { perform } from "./edit";

const main = { figure: "main" };
const after = <Args>(from: Investigation, act: Act<Args>, args: Args) =>
  perform(from, act, args).document;
const withCurve = () =>
  after(plainRule(), addCurve, { ...main, id: "bow", family: "sine", series: "" });

describe("curves in a document", () => {
  test("the first takes the place of the straight lines, the last gives it back", () => {
    const curved = withCurve();
    expect(curved.figures.main!.line).toMatchObject({ best: false, steepest: false });
    const two = after(curved, addCurve, { ...main, id: "b", family: "power", series: "" });
    const one = after(two, removeCurve, { ...main, curve: "bow" });
    expect(one.figures.main!.line.best).toBe(false);
    expect(after(one, removeCurve, { ...main, curve: "b" }).figures.main!.line.best).toBe(true);
  });

  test("what was said of a parameter is kept under its symbol until the family changes", () => {
    const said = after(withCurve(), setParameter, {
      ...main,
      curve: "bow",
      name: "ω",
      change: { start: "3", fixed: true },
    });
    expect(said.figures.main!.curves.bow!.parameters).toEqual({
      ω: { start: "3", fixed: true, least: "", most: "" },
    });
    expect(validateInvestigation(said).valid).toBe(true);
    const other = after(said, setCurve, { ...main, curve: "bow", change: { family: "power" } });
    expect(other.figures.main!.curves.bow!.parameters).toEqual({});
  });

  test("a family or a parameter of no known form is refused", () => {
    const broken = structuredClone(withCurve());
    (broken.figures.main!.curves.bow as { family: string }).family = "spline";
    expect(validateInvestigation(broken).valid).toBe(false);
    const named = structuredClone(withCurve());
    named.figures.main!.curves.bow!.parameters["a b"] = {
      start: "",
      fixed: false,
      least: "",
      most: "",
    };
    expect(validateInvestigation(named).valid).toBe(false);
  });
});

test("a pair is plotted with what has to be worked out, and what was laid on the old axes is gone", () => {
  const laid = after(plainRule(), drawTriangle, { ...main, triangle: { from: 0.02, to: 0.1 } });
  const plotted = after(laid, plotPair, {
    figure: "main",
    table: "main",
    y: { quantity: "period" },
    x: { id: "root", name: "root of overhang", symbol: "L^0.5", formula: "sqrt(L)" },
  });
  const figure = plotted.figures.main!;
  expect([figure.x, figure.y, figure.triangle]).toEqual(["root", "period", null]);
  expect(plotted.quantities.root).toMatchObject({ formula: "sqrt(L)", symbol: "L^0.5" });
  expect(validateInvestigation(plotted).valid).toBe(true);
});
