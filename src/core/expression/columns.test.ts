import { formula as tree } from "../../../tests/fixtures/formulas";
import { evaluateAt, evaluateColumn, type Scope } from "./evaluate";
import { laneAt, laneFrom, mapLane, plainSteps, Reasons, rowSteps, zipLanes } from "./lane";

const columns: Readonly<Record<string, readonly number[]>> = {
  s: [0, 1, 4, 9],
  t: [0, 1, 2, 3],
  z: [2, 0, -1, 4],
};

/** Columns s, t and z; the variable of a symbol and a shift has the number 10·place + shift. */
const scope: Scope = {
  symbol: (name, shift, reasons) => {
    const values = columns[name];
    if (!values) return { name: "unknown-symbol", symbol: name };
    const place = Object.keys(columns).indexOf(name);
    for (let row = values.length - shift; row < values.length; row++) {
      if (shift > 0) reasons.mark(row, { name: "no-next-row" });
    }
    return {
      values: laneFrom(Float64Array.from(values), plainSteps(values.length).at(shift)),
      slopes: new Map([[10 * place + shift, 1]]),
    };
  },
  scaleOfLog: () => 1,
};

const run = (text: string) => evaluateColumn(tree(text), 4, scope);

const shown = (text: string) => {
  const { values, reasons } = run(text);
  return [0, 1, 2, 3].map((row) => reasons.get(row)?.name ?? laneAt(values, row));
};

describe("a formula over whole columns at once", () => {
  test("gives a value in every row, or why there is none", () => {
    expect(shown("s + t")).toEqual([0, 2, 6, 12]);
    expect(shown("s/t")).toEqual(["division-by-zero", 1, 2, 3]);
    expect(shown("sqrt(z)")).toEqual([Math.SQRT2, "slope-without-end", "root-of-negative", 2]);
    expect(shown("ln(z)")).toEqual([Math.log(2), "log-of-nothing", "log-of-nothing", Math.log(4)]);
    expect(shown("q + 1")).toEqual(Array(4).fill("unknown-symbol"));
  });

  test("the first reason of a row is the one that is told", () => {
    expect(shown("1/z + sqrt(z)")[1]).toBe("division-by-zero");
    expect(shown("sqrt(z) + 1/z")[1]).toBe("division-by-zero");
    expect(shown("sqrt(z - 1) + 1/z")[1]).toBe("root-of-negative");
  });

  test("a mean speed looks at the next row, and its slopes reach both", () => {
    const { values, slopes, reasons } = run("change(s)/change(t)");
    expect([0, 1, 2].map((row) => laneAt(values, row))).toEqual([1, 3, 5]);
    expect(reasons.get(3)).toEqual({ name: "no-next-row" });
    expect(laneAt(slopes.get(0)!, 1)).toBe(-1);
    expect(laneAt(slopes.get(1)!, 1)).toBe(1);
    expect(laneAt(slopes.get(11)!, 1)).toBe(-3);
  });

  test("a change of changes loses two rows", () => {
    expect(shown("change(change(s))")).toEqual([2, 2, "no-next-row", "no-next-row"]);
    expect(shown("middle(t)")).toEqual([0.5, 1.5, 2.5, "no-next-row"]);
  });

  test("a symbol used twice counts once", () => {
    const twice = run("s*s").slopes.get(0)!;
    const squared = run("s^2").slopes.get(0)!;
    for (let row = 1; row < 4; row++) expect(laneAt(twice, row)).toBe(laneAt(squared, row));
    const none = run("t/t");
    expect([1, 2, 3].map((row) => laneAt(none.slopes.get(10)!, row))).toEqual([0, 0, 0]);
  });

  test("an exponent that moves has a slope too, and a negative base then no value", () => {
    const { slopes } = run("2^t");
    expect(laneAt(slopes.get(10)!, 3)).toBeCloseTo(8 * Math.LN2, 12);
    expect(shown("z^t")[2]).toBe("root-of-negative");
    expect(shown("z^2")).toEqual([4, 0, 1, 16]);
  });

  test("whoever asks is told of every subtraction", () => {
    const heard: number[] = [];
    evaluateColumn(tree("s - t*(z - 1)"), 4, {
      ...scope,
      onDifference: (left) => heard.push(laneAt(left, 3)),
    });
    expect(heard).toEqual([4, 9]);
  });

  test("at one point: a value with slopes in the order of the inputs, or a finding", () => {
    expect(evaluateAt(tree("a*b^2"), { a: 3, b: 2 })).toEqual({
      kind: "value",
      value: 12,
      slopes: [4, 12],
    });
    expect(evaluateAt(tree("a/b"), { a: 1, b: 0 })).toEqual({
      kind: "nothing",
      finding: { name: "division-by-zero" },
    });
    expect(evaluateAt(tree("lambda"), { λ: 5 })).toMatchObject({ value: 5 });
  });
});

describe("lanes", () => {
  const lane = Float64Array.of(1, 2, 3);

  test("a plain number stays one; columns are worked row by row", () => {
    expect(mapLane(4, Math.sqrt)).toBe(2);
    expect(zipLanes(2, 3, (a, b) => a * b)).toBe(6);
    expect(zipLanes(lane, 10, (a, b) => a - b)).toEqual(Float64Array.of(-9, -8, -7));
    expect(zipLanes(10, lane, (a, b) => a - b)).toEqual(Float64Array.of(9, 8, 7));
    expect(zipLanes(lane, lane, (a, b) => a + b)).toEqual(Float64Array.of(2, 4, 6));
  });

  test("seen further on, the end is empty; nobody's lane is changed", () => {
    expect(laneFrom(lane, plainSteps(3).at(1))).toEqual(Float64Array.of(2, 3, NaN));
    expect(laneFrom(lane, rowSteps(Int32Array.of(2, -1, -1)).at(1), 0)).toEqual(
      Float64Array.of(3, 0, 0),
    );
    expect(laneFrom(5, plainSteps(3).at(2))).toBe(5);
    expect(lane).toEqual(Float64Array.of(1, 2, 3));
  });

  test("reasons outside the rows are nobody's", () => {
    const reasons = new Reasons(2);
    reasons.mark(-1, { name: "no-next-row" });
    reasons.mark(5, { name: "no-next-row" });
    expect(reasons.all().size).toBe(0);
    reasons.markWhere(Float64Array.of(NaN, 3), (value) => value > 2, { name: "number-too-large" });
    expect([...reasons.all().keys()]).toEqual([1]);
  });
});
