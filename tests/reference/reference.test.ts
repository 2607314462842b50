import { join } from "node:path";
import { compare } from "./compare";
import { runFolder } from "./runFolder";

const exact = { rel: 0, abs: 0 };

test.each(runFolder(join(__dirname, "cases")))(
  "$family agrees with its reference numbers",
  (report) => {
    expect(report.built).toBe(true);
    expect(report.failed).toEqual([]);
    expect(report.passed).toBe(report.total);
  },
);

describe("the comparer can fail", () => {
  test("on a number off by more than the tolerance", () => {
    expect(compare({ slope: 2.1 }, { slope: 2 }, { rel: 0.01, abs: 0 }).failures).toHaveLength(1);
    expect(compare({ slope: 2.1 }, { slope: 2 }, { rel: 0.1, abs: 0 }).failures).toEqual([]);
  });

  test("on NaN, on a missing value, on a value where none is defined, on a text", () => {
    expect(compare({ a: NaN }, { a: 1 }, exact).failures).toHaveLength(1);
    expect(compare({}, { a: 1 }, exact).failures).toHaveLength(1);
    expect(compare({ a: 1 }, { a: null }, exact).failures).toHaveLength(1);
    expect(compare({ a: "2.4" }, { a: "2.5" }, exact).failures).toHaveLength(1);
    expect(compare({ slope: 1 }, { error: true }, exact).failures).toHaveLength(1);
  });

  test("ties follow half away from zero", () => {
    const both = { a: { half_up: "3", half_even: "2" } };
    expect(compare({ a: "3" }, both, exact).failures).toEqual([]);
    expect(compare({ a: "2" }, both, exact).failures).toHaveLength(1);
  });
});
