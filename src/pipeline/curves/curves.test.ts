import { layFrame } from "@/figure/layout/frame";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import { addConstant } from "@/investigation/acts/addConstant";
import type { Act } from "@/investigation/acts/act";
import { addCurve } from "@/investigation/acts/addCurve";
import { setCurve } from "@/investigation/acts/setCurve";
import { setLine } from "@/investigation/acts/setLine";
import { setParameter } from "@/investigation/acts/setParameter";
import { chooseAxis } from "@/investigation/acts/chooseAxis";
import { perform } from "@/investigation/history/edit";
import type { Curve, CurveFamily } from "@/investigation/model/curve";
import type { Investigation } from "@/investigation/model/investigation";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { plainRunText } from "@/core/unit/runText";
import { writeUnit } from "@/core/unit/unitText";
import { figureTex } from "@/output/tex/figureTex";
import { checkCurve } from "../checks/curve/checkCurve";
import { curveOrder } from "./curveOrder";
import { figureSpecification } from "../figure/figure";
import { fitFigure } from "../lines/fit";
import { type FittedCurve, fitOrder, residualsOfCurve } from "./fittedCurves";
import { withCurves } from "../figure/figureCurves";
import { evaluateTables } from "../table/table";

const main = { figure: "main" };
const after = <Args>(from: Investigation, act: Act<Args>, args: Args) =>
  perform(from, act, args).document;

/** T over L of the sample, with one curve. */
function curved(family: CurveFamily, formula = ""): Investigation {
  const plain = ["x", "y"].reduce(
    (document, axis) =>
      after(document, chooseAxis, {
        ...main,
        axis: axis as "x" | "y",
        quantity: axis === "x" ? "overhang" : "period",
      }),
    plainRule(),
  );
  return after(plain, addCurve, { ...main, id: "bow", family, series: "", formula });
}

const changed = (document: Investigation, change: Partial<Curve>) =>
  after(document, setCurve, { ...main, curve: "bow", change });

function ordered(document: Investigation) {
  const { houseRules, constants } = document;
  const figure = document.figures.main!;
  const fit = fitFigure(evaluateTables(document), figure, houseRules)!;
  return { fit, figure, found: curveOrder(fit, figure.curves.bow!, houseRules, constants) };
}

function drawn(document: Investigation) {
  const { fit, figure, found } = ordered(document);
  if (found.kind === "refused") throw new Error(found.finding.name);
  const { order } = found;
  const outcome = fitOrder(order);
  if (outcome.kind === "no-curve") throw new Error(outcome.finding.name);
  const curve = figure.curves.bow!;
  const fitted: FittedCurve = { id: "bow", curve, order, fit: outcome.fit, name: "bow" };
  const plain = figureSpecification(figure, 1, fit, document.houseRules);
  const specification = withCurves(plain, [fitted], figure.line, document.houseRules);
  return { fitted, order, specification, plain, fit: outcome.fit };
}

const units = (document: Investigation) =>
  drawn(document).order.units.map(
    (unit) => unit && plainRunText(writeUnit(unit)).replaceAll("\u00a0", " "),
  );

describe("curves of a figure", () => {
  test("the period goes as the overhang to the power 3/2", () => {
    const { fit } = drawn(curved("power"));
    const [a, n] = fit.parameters;
    expect(Math.abs(n!.value - 1.5)).toBeLessThan(3 * n!.standardError!);
    expect(a!.value).toBeCloseTo(3.51, 1);
  });

  test("parameters have units from the axes", () => {
    expect(units(curved("parabola"))).toEqual(["s", "s m⁻¹", "s m⁻²"]);
    expect(units(curved("exponential"))).toEqual(["s", "m⁻¹"]);
    expect(units(curved("own", "a*(1 - exp(-L/l))"))).toEqual(["s", "m"]);
    expect(units(curved("own", "a*b*L"))).toEqual([undefined, undefined]);
  });

  test("constants of the investigation count with their units, parameters then in SI units", () => {
    const width = { name: "width", symbol: "b", value: "25.4", uncertainty: "0.1", unit: "mm" };
    const document = after(curved("own", "k*sqrt(L^3/b)"), addConstant, {
      id: "width",
      ...width,
      source: "",
    });
    const { fit } = drawn(document);
    expect(fit.parameters.map(({ name }) => name)).toEqual(["k"]);
    expect(fit.parameters[0]!.value).toBeCloseTo(3.51 * Math.sqrt(0.0254), 2);
    expect(units(document)).toEqual(["s m⁻¹"]);
  });

  test.each<[string, string]>([
    ["", "curve-without-formula"],
    ["3*L", "curve-without-parameters"],
    ["a*q", "curve-without-variable"],
    ["a*L +", "broken-formula"],
  ])("the formula “%s” is refused as %s", (formula, finding) => {
    expect(ordered(curved("own", formula)).found).toMatchObject({ finding: { name: finding } });
  });

  test("an equation gives its right side", () => {
    expect(drawn(curved("own", "T = a*L^n")).fit.parameters.map(({ name }) => name)).toEqual([
      ...["a", "n"],
    ]);
  });

  test("only readings of a stretch take part, with the bars if they are to count", () => {
    const part = drawn(changed(curved("power"), { from: "0.3", weights: "y" }));
    expect(part.fit.count).toBe(5);
    expect(part.fit.weighting).toBe("y");
    expect(part.fit.reducedChiSquare).toBeGreaterThan(0);
  });

  test("what was said of a parameter is followed", () => {
    const said = after(curved("power"), setParameter, {
      ...main,
      curve: "bow",
      name: "n",
      change: { start: "1.5", fixed: true },
    });
    const { fit } = drawn(said);
    expect(fit.parameters[1]).toMatchObject({ value: 1.5, fixed: true });
  });
});

describe("a curve on the paper", () => {
  test("it is drawn smoothly from the first reading to the last, or as far as is wanted", () => {
    const [curve] = drawn(curved("power")).specification.curves!;
    expect([curve!.x[0], curve!.x[curve!.x.length - 1]]).toEqual([0.2, 0.5]);
    expect(curve!.x.length).toBeGreaterThan(200);
    const { specification } = drawn(changed(curved("power"), { reach: "paper" }));
    const { xScale } = layFrame(specification);
    expect(specification.curves![0]!.x[0]).toBe(xScale.from);
    const stretch = changed(curved("power"), {
      ...({ reach: "stretch", drawnFrom: "0.3", drawnTo: "0.4" } as const),
    });
    const cut = drawn(stretch).specification.curves![0]!;
    expect([cut.x[0], cut.x[cut.x.length - 1]]).toEqual([0.3, 0.4]);
  });

  test("it passes within the bars of every reading, and its bands lie about it", () => {
    const document = changed(curved("power"), { bands: "both" });
    const { fitted, specification } = drawn(document);
    for (const off of residualsOfCurve(fitted)) expect(Math.abs(off)).toBeLessThan(0.01);
    const { confidence, prediction } = specification.curves![0]!;
    for (let i = 0; i < confidence!.length; i++) {
      expect(prediction![i]!).toBeGreaterThan(confidence![i]!);
    }
    const roles = layoutFigure(specification).shapes.map(({ role }) => role);
    expect(roles).toEqual(expect.arrayContaining(["curve", "confidence-band", "prediction-band"]));
  });

  test("hidden it is not drawn, and the strip is about the curve while no line is", () => {
    const { specification, plain } = drawn(changed(curved("power"), { shown: false }));
    expect(specification).toBe(plain);
    const strip = after(curved("power"), setLine, { ...main, change: { strip: "unit" } });
    const about = drawn(strip);
    expect(Array.from(about.specification.strip!.series[0]!.points.y)).toEqual(
      residualsOfCurve(about.fitted),
    );
  });

  test("TeX draws it through the same points", () => {
    const { specification } = drawn(changed(curved("power"), { bands: "confidence" }));
    const tex = figureTex(specification);
    expect(tex).toMatch(/\\addplot\[colour14323C, [^\]]*\] coordinates \{\(0\.2,/);
    expect(tex.match(/fill=colourFBEAF2/g)).toHaveLength(1);
  });

  test("the caption says that a curve is drawn", () => {
    const words = plainRunText(drawn(curved("power")).plain.caption!);
    expect(words).toContain("7 readings with the fitted curve");
  });
});

describe("pencil marks on curves", () => {
  const marks = (document: Investigation) => {
    const { fitted, plain } = drawn(document);
    return checkCurve(fitted, plain, document.houseRules).map(({ name }) => name);
  };

  test("none on a power law kept to the readings", () => {
    expect(marks(curved("power"))).toEqual([]);
  });

  test("a large R² with a pattern, parameters that make up for each other, a far extension", () => {
    expect(marks(curved("exponential"))).toContain("pattern-about-curve");
    expect(marks(curved("quintic"))).toContain("parameters-correlated");
    expect(marks(curved("sextic"))).toEqual(["as-many-parameters-as-points"]);
    const far = changed(curved("power"), { reach: "paper", from: "0.44" });
    expect(marks(far)).toContain("curve-far-beyond");
  });

  test("nothing is said of a hidden curve", () => {
    expect(marks(changed(curved("exponential"), { shown: false }))).toEqual([]);
  });
});
