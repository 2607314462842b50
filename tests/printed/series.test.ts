import { printedColumnOf, workings } from "../fixtures/printed";
import { sheet, type SheetColumn, type SheetRest } from "../fixtures/sheet";

const processed = (columns: Record<string, SheetColumn>, rest: SheetRest = {}) =>
  sheet(columns, { ...rest, blocks: [{ kind: "processed", of: "main" }] });

const twoRuns: Record<string, SheetColumn> = {
  s: { unit: "m", pm: "0.1", readings: ["1.0", "2.0", "4.0", "10.0", "10.5", "11.5"] },
  t: { unit: "s", pm: "0.1", readings: ["0.0", "1.0", "2.0", "0.0", "1.0", "2.0"] },
};
const series = ["left", "left", "left", "right", "right", "right"];

describe("a series is a run of its own (calculation § 4)", () => {
  test("neighbours never come from another series", () => {
    const document = processed(
      {
        ...twoRuns,
        d: { unit: "m", formula: "change(s)" },
        w: { unit: "m", formula: "middle(s)" },
      },
      { series },
    );
    expect(printedColumnOf(document, "d / m")).toEqual([
      ...["1.0 ± 0.2", "2.0 ± 0.2", "", "0.5 ± 0.2", "1.0 ± 0.2", ""],
    ]);
    expect(printedColumnOf(document, "w / m")).toEqual([
      ...["1.5 ± 0.1", "3.0 ± 0.1", "", "10.3 ± 0.1", "11.0 ± 0.1", ""],
    ]);
  });

  test("a mean is of its own series, unless all rows are asked for", () => {
    const document = processed(
      { ...twoRuns, d: { formula: "mean(s)" }, a: { formula: "mean(s, all)" } },
      { series },
    );
    expect(printedColumnOf(document, "d / m")).toEqual([
      ...["2.3 ± 0.1", "2.3 ± 0.1", "2.3 ± 0.1", "10.7 ± 0.1", "10.7 ± 0.1", "10.7 ± 0.1"],
    ]);
    expect(printedColumnOf(document, "a / m")).toEqual(Array(6).fill("6.5 ± 0.1"));
  });

  test("rows without a series are a run too, also between the rows of others", () => {
    const document = processed(
      { s: twoRuns.s!, d: { unit: "m", formula: "change(s)" } },
      { series: ["left", "", "left", "", "left", ""] },
    );
    expect(printedColumnOf(document, "d / m")).toEqual([
      ...["3.0 ± 0.2", "6.5 ± 0.2", "", "8.0 ± 0.2", "1.5 ± 0.2", ""],
    ]);
  });

  test("rows that are set aside or empty are stepped over, in all formulas alike", () => {
    const s = { ...twoRuns.s!, readings: ["1.0", "2.0", "4.0", "7.0", "11.0"] };
    const t = { ...twoRuns.t!, readings: ["0.0", "1.0", "", "3.0", "4.0"] };
    const formulas = { d: { unit: "m", formula: "change(s)" }, v: { formula: "d/change(t)" } };
    const document = processed({ s, t, ...formulas }, { aside: [1] });
    expect(printedColumnOf(document, "d / m").map((cell) => cell.split(" ")[0])).toEqual([
      ...["6.0", "5.0", "", "4.0", ""],
    ]);
    expect(printedColumnOf(document, "v / m s⁻¹").map((cell) => cell.split(" ")[0])).toEqual([
      ...["2.0", "2.5", "", "4.0", ""],
    ]);
  });
});

describe("a whole-column function is a function of every reading in it (calculation § 4)", () => {
  const masses: SheetColumn = {
    unit: "g",
    pm: "0.1",
    readings: ["10", "11", "12", "13", "14"],
  };
  const cells = (formula: string, rules: SheetRest["rules"] = {}) =>
    printedColumnOf(
      processed(
        { m: masses, z: { formula } },
        {
          rules: { figuresOfUncertainty: "two", ...rules },
          constants: { k: { value: "2.0", uncertainty: "0.1", unit: "m" } },
        },
      ),
      formula.includes("k") ? "z / m g" : "z / g",
    );

  test("the worst case of a sum adds every reading's ±", () => {
    expect(cells("sum(m)")[0]).toBe("60.00 ± 0.50");
    expect(cells("sum(m)", { propagation: "quadrature" })[0]).toBe("60.00 ± 0.22");
  });

  test("the difference from the first is nothing in the first row, sure to ± 0", () => {
    const [first, second] = cells("m - first(m)");
    expect(first).toBe("0.00");
    expect(second).toBe("1.00 ± 0.20");
    expect(cells("m - first(m)", { propagation: "quadrature" })[1]).toBe("1.00 ± 0.14");
  });

  test("the difference from the mean carries the reading's own share of it", () => {
    expect(cells("m - mean(m)")[2]).toBe("0.00 ± 0.16");
    expect(cells("m - mean(m)", { propagation: "quadrature" })[0]).toMatch(/± 0.089$/);
  });

  test("a mean of changes follows the two ends alone", () => {
    expect(cells("mean(change(m))", { propagation: "quadrature" })[0]).toBe("1.000 ± 0.035");
    expect(cells("mean(change(m))")[0]).toBe("1.000 ± 0.050");
  });

  test("a function inside a function", () => {
    expect(cells("max(m - mean(m))")[0]).toBe("2.00 ± 0.16");
    expect(cells("mean(m - mean(m)) + m")[1]).toBe("11.00 ± 0.10");
  });

  test("averaging never shrinks a constant's ±: mean(k m) and k mean(m) are stated alike", () => {
    const stated = (formula: string, propagation: "worst-case" | "quadrature") => {
      const document = sheet(
        { m: masses, z: { formula } },
        {
          rules: { figuresOfUncertainty: "two", propagation },
          constants: { k: { value: "2.0", uncertainty: "0.1", unit: "m" } },
          blocks: [{ kind: "example", of: "z" }],
        },
      );
      return workings(document).at(-1);
    };
    expect(stated("mean(k*m)", "worst-case")).toContain("(24.0 \\pm 1.4)");
    expect(stated("k*mean(m)", "worst-case")).toContain("(24.0 \\pm 1.4)");
    expect(stated("mean(k*m)", "quadrature")).toContain("(24.0 \\pm 1.2)");
    expect(stated("k*mean(m)", "quadrature")).toContain("(24.0 \\pm 1.2)");
  });
});
