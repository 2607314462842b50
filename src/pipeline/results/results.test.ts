import { compile } from "@/core/expression/compile";
import { monteCarlo } from "@/core/uncertainty/monteCarlo";
import { addResult } from "@/investigation/acts/addResult";
import { describeResult } from "@/investigation/acts/describeResult";
import { removeConstant } from "@/investigation/acts/removeConstant";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { writeTheory } from "@/investigation/acts/writeTheory";
import { perform } from "@/investigation/history/edit";
import type { Act } from "@/investigation/acts/act";
import type { Investigation } from "@/investigation/model/investigation";
import { plainSource, type Result } from "@/investigation/model/result";
import { samples } from "@/investigation/samples/samples";
import { curvesOf } from "@/output/report/curvesOf";
import { evaluateTables } from "../table/table";
import { drawingOfResult } from "./drawnResult";
import { effectsOf } from "../checks/effects";
import type { EvaluatedResult, WorkedResult } from "./evaluatedResult";
import { proposalsOf } from "./proposals";
import { comparedResult, explanationOf } from "./resultComparison";
import { evaluateResults } from "./results";
import { resultWorking, statedTex } from "./resultWorking";
import type { ResultContext, ShownNumber } from "./source";

const after = <Args>(from: Investigation, act: Act<Args>, args: Args) =>
  perform(from, act, args).document;

function contextOf(document: Investigation): ResultContext {
  const rules = document.houseRules;
  return { document, tables: evaluateTables(document), rules, curves: curvesOf(document) };
}

function only(document: Investigation, id = "r"): EvaluatedResult {
  return evaluateResults(contextOf(document)).find((one) => one.id === id)!;
}

function worked(document: Investigation, id = "r"): WorkedResult {
  const found = only(document, id);
  if (found.kind === "nothing") throw new Error(found.finding.name);
  return found;
}

/** A sample with one more result. */
function withResult(
  name: keyof typeof samples,
  told: Partial<Omit<Result, "order">>,
): Investigation {
  return after(samples[name](), addResult, { id: "r", figure: "main", with: told });
}

const refusal = (document: Investigation) => {
  const found = only(document);
  return found.kind === "nothing" ? found.finding.name : undefined;
};

describe("what a result may be taken from", () => {
  test("a slope as it is, with half its range, or with its standard error", () => {
    const range = worked(withResult("clampedRule", { uses: "range" }));
    const error = worked(withResult("clampedRule", { uses: "error" }));
    expect(range.unit.text).toBe("s^2 m^-3");
    expect(range.value).toBeCloseTo(error.value, 12);
    expect(range.size).toBeGreaterThan(4 * error.size);
    const house = withResult("clampedRule", {});
    const { size } = worked(after(house, setHouseRules, { uncertaintyMeans: "standard" }));
    expect(size).toBe(error.size);
  });

  test("slope and intercept together: where the line meets the axis, its ± is not the sum of both", () => {
    const document = withResult("resonatingTube", { by: "formula", formula: "-intercept/slope" });
    const found = worked(document);
    const [slope, intercept] = found.source!.shown as [ShownNumber, ShownNumber];
    expect(found.value).toBeCloseTo(-intercept.value / slope.value, 10);
    const apart = intercept.size / slope.value + (Math.abs(intercept.value) * slope.size) / slope.value ** 2; // prettier-ignore
    expect(found.size).toBeLessThan(apart);
    expect(found.unit.text).toBe("s");
  });

  test("a value read off the line takes the ± of the place along", () => {
    const source = { ...plainSource, kind: "read-off", of: "main", coordinate: "y" } as const;
    const exact = worked(withResult("clampedRule", { source: { ...source, at: "0.05" } }));
    const wide = worked(withResult("clampedRule", { source: { ...source, at: "0.05 ± 0.01" } }));
    expect(exact.value).toBeCloseTo(0.62, 2);
    expect(wide.size - exact.size).toBeCloseTo(0.1249, 3);
    expect(refusal(withResult("clampedRule", { source }))).toBe("read-off-without-place");
  });

  test("a value read off a curve, and where the curve has it", () => {
    const source = { ...plainSource, kind: "read-off", of: "curve", curve: "fall" } as const;
    const y = worked(withResult("dischargingCapacitor", { source: { ...source, coordinate: "y", at: "46" } })); // prettier-ignore
    expect(y.value).toBeCloseTo(8.94 * Math.exp(-46 / 46.02), 1);
    const x = worked(withResult("dischargingCapacitor", { source: { ...source, coordinate: "x", at: "4.47" } })); // prettier-ignore
    expect(x.value).toBeCloseTo(46.02 * Math.LN2, 0);
    expect(x.unit.text).toBe("s");
  });

  test("the mean of a quantity counts its rows as repeats", () => {
    const source = { ...plainSource, kind: "mean", of: "resistance" } as const;
    const found = worked(withResult("constantanWires", { source }));
    expect(found.source!.about).toBe("R");
    expect(found.size).toBeCloseTo((4.71 - 0.38) / 2, 1);
    expect(refusal(withResult("constantanWires", { source: { ...source, of: "gone" } }))).toBe(
      "result-without-quantity",
    );
  });
});

describe("why there is no result", () => {
  test.each<[string, keyof typeof samples, Partial<Omit<Result, "order">>]>([
    ["theory-without-symbol", "clampedRule", { by: "theory", symbol: "Q" }],
    ["result-without-series", "constantanWires", { by: "theory", symbol: "rho" }],
    ["result-without-theory", "constantanWires", { by: "theory", symbol: "rho", source: { ...plainSource, of: "main", series: "thin" } }], // prettier-ignore
    ["result-without-formula", "clampedRule", { by: "formula" }],
    ["result-needs-constant", "clampedRule", { by: "formula", formula: "slope*z" }],
    ["adds-unlike", "clampedRule", { by: "formula", formula: "slope + m" }],
    ["unlike-unit-wanted", "clampedRule", { unit: "kg" }],
    ["result-without-figure", "clampedRule", { source: { ...plainSource, of: "gone" } }],
    ["result-without-curve", "clampedRule", { source: { ...plainSource, kind: "parameter", of: "main" } }], // prettier-ignore
    ["crossing-needs-two-lines", "clampedRule", { source: { ...plainSource, kind: "crossing", of: "main" } }], // prettier-ignore
  ])("%s", (name, sample, told) => {
    expect(refusal(withResult(sample, told))).toBe(name);
  });

  test("a constant that was removed is asked for by its symbol", () => {
    const without = after(samples.clampedRule(), removeConstant, { constant: "width" });
    expect(only(without, "stiffness")).toMatchObject({
      kind: "nothing",
      finding: { name: "result-needs-constant", symbol: "b" },
    });
  });

  test("a theory that is not of this figure says so", () => {
    const other = after(samples.clampedRule(), writeTheory, { equation: "T = k*L" });
    expect(only(other, "stiffness")).toMatchObject({ finding: { name: "theory-not-of-figure" } });
  });
});

test("what algebra can't turn round is solved by numbers, with the same slopes", () => {
  const theory = "T^2 = (q + q^3)*L^3";
  const document = after(
    withResult("clampedRule", { by: "theory", symbol: "q", unit: "1" }),
    writeTheory,
    { equation: theory },
  );
  expect(refusal(document)).toBe("unlike-unit-wanted");
  const pure = after(document, writeTheory, { equation: "T^2 = (q + q^3)*k*L^3" });
  const known = { ...pure, constants: { k: { order: "a0", name: "", symbol: "k", value: "1", uncertainty: "", unit: "s^2 m^-3", source: "" } } }; // prettier-ignore
  const found = worked(known);
  const slope = found.source!.shown[0]!;
  expect(found.value + found.value ** 3).toBeCloseTo(slope.value, 9);
  expect(found.size / slope.size).toBeCloseTo(1 / (1 + 3 * found.value ** 2), 2);
  expect(found.expression).toBeUndefined();
});

describe("what is shown of a result", () => {
  const rule = () => worked(samples.clampedRule(), "stiffness");
  const rules = samples.clampedRule().houseRules;
  const working = (one: WorkedResult, sample: keyof typeof samples, written = rules) =>
    resultWorking(one, { rules: written, constants: samples[sample]().constants });

  test("the working goes from the theory to the value", () => {
    const lines = working(rule(), "clampedRule");
    expect(lines.map(({ step }) => step)).toEqual([
      ...["theory", "stands-for", "solved", "numbers", "value", "together"],
    ]);
    const numbers = lines.find(({ step }) => step === "numbers")!.tex;
    expect(numbers).toContain("140.0\\,\\mathrm{g}");
    expect(numbers).toContain("\\left(0.70\\,\\mathrm{mm}\\right)^{3}");
    expect(lines.at(-1)!.tex).toMatch(/= 8\.7 \+ 5\.8 \+ 0\.80 \+ 0\.15 = 15\\,\\mathrm\{GPa\}/);
    expect(statedTex(rule(), rules)).toBe("E = (200 \\pm 20)\\,\\mathrm{GPa}");
  });

  test("negative numbers stand in brackets, and a number behind one has its sign", () => {
    const numbers = (sample: keyof typeof samples, id: string) =>
      working(worked(samples[sample](), id), sample).find(({ step }) => step === "numbers")!.tex;
    expect(numbers("resonatingTube", "correction")).toBe(
      "e = -\\left(-0.0120\\,\\mathrm{m}\\right)",
    );
    expect(numbers("fadingCross", "energy")).toContain("K}\\right) \\times 8.31446");
  });

  test("the root of a fraction is written as one", () => {
    const lines = working(worked(samples.leakingCistern(), "coefficient"), "leakingCistern");
    expect(lines.find(({ step }) => step === "solved")!.tex).toContain(
      "\\sqrt{\\frac{\\text{slope}}{2\\,g}}",
    );
  });

  test("no unit is converted where the numbers come in the unit that is stated", () => {
    for (const name of ["crossing", "concentration"]) {
      const lines = working(worked(samples.bariumHydroxide(), name), "bariumHydroxide");
      expect(lines.map(({ step }) => step)).toEqual(["formula", "numbers", "value", "together"]);
    }
  });

  test("a decimal comma and two figures follow the house", () => {
    const other = { ...rules, decimalMark: "comma", figuresOfUncertainty: "two" } as const;
    expect(statedTex(rule(), other)).toBe("E = (203 \\pm 15)\\,\\mathrm{GPa}");
    const thin = worked(samples.constantanWires(), "thin");
    expect(statedTex(thin, other)).toContain("0{,}495 \\pm 0{,}026");
    const lines = working(thin, "constantanWires", other).map(({ tex }) => tex);
    expect(lines.join()).toContain("\\left(0{,}400\\,\\mathrm{mm}\\right)^{2}");
    expect(lines.join()).not.toMatch(/\d\.\d/);
  });

  test("a constant that would explain a miss is named with how far it would be off", () => {
    const document = after(samples.clampedRule(), describeResult, {
      result: "stiffness",
      accepted: { value: "230", uncertainty: "1" },
    });
    const one = worked(document, "stiffness");
    const compared = comparedResult(one, document.houseRules);
    expect(compared).toMatchObject({ kind: "compared", comparison: { meet: false } });
    const found = explanationOf(one, compared, document.constants, () => 1e-3)!;
    expect(found.constant).toBe("thickness");
    expect(found.off).toBeCloseTo(0.0308, 3);
  });

  test.each([
    ["192", "4", { value: 192, uncertainty: 4 }],
    ["192(4)", "", { value: 192, uncertainty: 4 }],
    ["192 ± 4", "6", { value: 192, uncertainty: 6 }],
    ["192", "", { value: 192, uncertainty: 0 }],
  ])("an accepted value typed as %s with ± %s", (value, uncertainty, accepted) => {
    const document = after(samples.clampedRule(), describeResult, {
      result: "stiffness",
      accepted: { value, uncertainty },
    });
    const compared = comparedResult(worked(document, "stiffness"), document.houseRules);
    expect(compared).toMatchObject({ kind: "compared", accepted });
  });

  test("an accepted value that is no number is said, and one not typed is not compared", () => {
    const kindOf = (value: string, uncertainty: string) => {
      const document = after(samples.clampedRule(), describeResult, {
        result: "stiffness",
        accepted: { value, uncertainty },
      });
      return comparedResult(worked(document, "stiffness"), document.houseRules).kind;
    };
    expect(kindOf("about 190", "")).toBe("unreadable");
    expect(kindOf("192", "some")).toBe("unreadable");
    expect(kindOf("", "4")).toBe("none");
  });

  test("Monte Carlo agrees with the ± in quadrature", () => {
    const quadrature = after(samples.clampedRule(), setHouseRules, {
      uncertaintyMeans: "standard",
      propagation: "quadrature",
    });
    const one = worked(quadrature, "stiffness");
    const {
      expression,
      inputIndices: places,
      inputs,
    } = drawingOfResult(one, quadrature.houseRules)!;
    const place = (name: string) => places[`${name}+0`]!;
    const run = monteCarlo(compile(expression, place), inputs, 40_000, 5);
    let step = run.next();
    while (!step.done) step = run.next();
    const { standardDeviation, mean } = step.value!;
    expect(mean / 1e9).toBeCloseTo(one.value, 0);
    expect(standardDeviation / 1e9 / one.size).toBeCloseTo(1, 1);
  });

  test("the unknowns of the theory are proposed until they are found", () => {
    expect(proposalsOf(contextOf(samples.resonatingTube()))).toEqual([]);
    const bare = { ...samples.resonatingTube(), results: {} };
    expect(proposalsOf(contextOf(bare))).toEqual([
      { symbol: "v", figure: "main", series: "", about: "slope" },
      { symbol: "e", figure: "main", series: "", about: "intercept" },
    ]);
  });

  test("an intercept off zero makes one ask for a systematic effect", () => {
    const document = samples.resonatingTube();
    const figure = { ...document.figures.main!, line: { ...document.figures.main!.line, expectsZero: true } }; // prettier-ignore
    const expecting = { ...document, figures: { main: figure } };
    const effects = effectsOf(worked(expecting, "sound"), contextOf(expecting));
    expect(effects).toContainEqual({ kind: "systematic", finding: "intercept-off-zero" });
  });

  test("repeats that agree better than the stopwatch can tell make one ask about the instrument", () => {
    const document = samples.clampedRule();
    const effects = effectsOf(worked(document, "stiffness"), contextOf(document));
    expect(effects).toContainEqual({
      kind: "instrument",
      quantity: "time for ten swings",
      instrument: "stopwatch by hand",
    });
    const tube = samples.constantanWires();
    expect(effectsOf(worked(tube, "thin"), contextOf(tube)).map(({ kind }) => kind)).not.toContain("instrument"); // prettier-ignore
  });
});
