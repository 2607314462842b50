import { evaluateTables } from "@/pipeline/table/table";
import { drawingOf } from "@/pipeline/derived/drawnInputs";
import { draws } from "@/workers/draws";
import { curvesOf } from "@/output/report/curvesOf";
import { plainCurve } from "@/investigation/model/curve";
import { printedColumnOf, statements } from "../fixtures/printed";
import { sheet, type SheetColumn, type SheetRest } from "../fixtures/sheet";

const stated = (columns: Record<string, SheetColumn>, rest: SheetRest) =>
  statements(sheet(columns, { ...rest, blocks: [{ kind: "result", of: "r1" }] }));

/** U = 4.9 V · exp(−t / 20 s), typed in mV. */
const discharge: Record<string, SheetColumn> = {
  t: { unit: "s", readings: ["0", "10", "20", "30", "40"] },
  U: { unit: "mV", pm: "10", readings: [0, 10, 20, 30, 40].map((t) => (4900 * Math.exp(-t / 20)).toFixed(0)) }, // prettier-ignore
  y: { formula: "ln(U)" },
};

describe("a theory's constant from the intercept of a logarithm (calculation § 10)", () => {
  const rest = {
    theory: "U = U_0*exp(-t/tau)",
    figure: { x: "t", y: "y" },
    rules: { figuresOfUncertainty: "two" },
  } as const;
  const initial = { symbol: "U_0", by: "theory", source: { kind: "intercept" } } as const;

  test("has the unit of what stands in the logarithm, or any other of its kind", () => {
    expect(stated(discharge, { ...rest, results: [initial] })[0]).toMatch(
      /^U_\{\\mathrm\{0\}\} = \(49\d\d \\pm \d+\)\\,\\mathrm\{mV\}$/,
    );
    expect(stated(discharge, { ...rest, results: [{ ...initial, unit: "V" }] })[0]).toMatch(
      /^U_\{\\mathrm\{0\}\} = \(4\.9\d+ \\pm 0\.\d+\)\\,\\mathrm\{V\}$/,
    );
  });

  test("e to a power is exp: the same theory, the same number", () => {
    const other = { ...rest, theory: "U = U_0*e^(-t/tau)" };
    expect(stated(discharge, { ...other, results: [initial] })).toEqual(
      stated(discharge, { ...rest, results: [initial] }),
    );
  });
});

describe("theories with offsets (calculation § 9)", () => {
  /** R = 50 Ω (1 + 0.004 (θ − 20)). */
  const warming: Record<string, SheetColumn> = {
    theta: { unit: "°C", readings: ["10", "30", "50", "70"] },
    R: { unit: "ohm", pm: "0.2", readings: ["48.0", "52.0", "56.0", "60.0"] },
    d: { formula: "theta - c" },
  };
  const theory = "R = R_0*(1 + alpha*(theta - 20))";
  const alpha = { symbol: "alpha", by: "theory", source: { kind: "slope" } } as const;
  const constants = { R_0: { value: "50.0", unit: "ohm" }, c: { value: "20", unit: "°C" } };

  test("by a plain number or a known constant in brackets, against the quantity itself and against the difference", () => {
    const offset = theory.replace("20", "c");
    for (const [x, told] of [
      ["theta", theory],
      ["theta", offset],
      ["d", offset],
    ] as const) {
      const figure = { x, y: "R" };
      const [found] = stated(warming, { theory: told, constants, figure, results: [alpha] });
      expect(found).toMatch(/= \(4\.00? \\pm 0\.\d+\) \\times 10\^\{-3\}|0\.0040 \\pm 0\.0001/);
    }
  });
});

describe("e is Euler's number wherever nothing is called e (calculation § 9)", () => {
  test("in a formula, and not where a constant is called so", () => {
    const columns = { x: { readings: ["1.0", "2.0"] }, y: { formula: "e^x" } };
    const blocks = [{ kind: "processed", of: "main" }] as const;
    expect(printedColumnOf(sheet(columns, { blocks }), "y")).toEqual(["2.71828", "7.38906"]);
    const constants = { e: { value: "10" } };
    expect(printedColumnOf(sheet(columns, { blocks, constants }), "y")).toEqual(["10", "100"]);
  });

  test("in a curve of one's own it is no parameter", () => {
    const xs = Array.from({ length: 15 }, (_, i) => i);
    const document = sheet({
      x: { readings: xs.map(String) },
      y: { readings: xs.map((x) => (8 / (1 + 20 * Math.exp(-0.6 * x))).toFixed(4)) },
    });
    document.figures.main!.curves.own = {
      ...plainCurve("a0", "own", ""),
      formula: "c/(1+a*e^(-b*x))",
    };
    const [curve] = curvesOf(document).get("main")!;
    const found = Object.fromEntries(curve!.fit.parameters.map(({ name, value }) => [name, value]));
    expect(Object.keys(found).sort()).toEqual(["a", "b", "c"]);
    expect(found.c).toBeCloseTo(8, 2);
    expect(found.b).toBeCloseTo(0.6, 2);
  });
});

test("Monte Carlo takes a logarithm in the typed unit, as first order does", () => {
  const document = sheet(
    { t: { unit: "ms", pm: "10", readings: ["250"] }, z: { formula: "1/ln(t)" } },
    { rules: { uncertaintyMeans: "standard" } },
  );
  const [table] = evaluateTables(document);
  const z = table!.quantities.find(({ id }) => id === "z")!;
  const drawing = drawingOf(z.derived!.column!, 0, table!.quantities, document.houseRules)!;
  const found = draws.run({ ...drawing, draws: 20_000, seed: 5 }, () => undefined)!;
  expect(found.mean).toBeCloseTo(1 / Math.log(250), 3);
  expect(found.standardDeviation).toBeCloseTo(0.00131, 4);
});
