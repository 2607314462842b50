import { SeededChance } from "../statistics/seededChance";
import { boardOf, isStraight, straightBend } from "./board";
import { fromPoints, simpleFraction } from "./fromPoints";
import { isTwoForOne, suggestionsFor } from "./remainingCurve";
import { straightnessOf } from "./straightness";
import { type Barred, ownColumn, ownTransform, transformedColumns } from "./transforms";

function column(values: readonly number[], bar = 0): Barred {
  const bars = new Float64Array(values.length).fill(bar);
  return { values: Float64Array.from(values), up: bars, down: bars };
}

const limit = 1 / Math.sqrt(3);
const overhangs = [0.2, 0.25, 0.3, 0.35, 0.4, 0.45, 0.5];
/** T² = 12.3 L³, read to 0.01 s. */
const periods = overhangs.map((l) => Math.sqrt(12.3 * l ** 3));

describe("transforms", () => {
  test("bars follow the derivative, and change sides where it falls", () => {
    const read: Barred = {
      values: Float64Array.of(2),
      up: Float64Array.of(0.1),
      down: Float64Array.of(0.3),
    };
    const of = (id: string) => transformedColumns(read).find((one) => one.id === id)!;
    expect([of("2").values[0], of("2").up[0], of("2").down[0]]).toEqual([4, 0.4, 1.2]);
    expect(of("-1").values[0]).toBe(0.5);
    expect(of("-1").up[0]).toBeCloseTo(0.075, 15);
    expect(of("-1").down[0]).toBeCloseTo(0.025, 15);
    expect(of("ln").up[0]).toBeCloseTo(0.05, 15);
  });

  test("what a transform can't take is counted and not drawn", () => {
    const [ln] = transformedColumns(column([-1, 0, 1, 2])).filter(({ id }) => id === "ln");
    expect(ln!.beyond).toBe(2);
    expect(Array.from(ln!.values)).toEqual([NaN, NaN, 0, Math.log(2)]);
  });

  test("one's own is in the one symbol of its quantity", () => {
    expect(ownTransform("1/(L + 0.1)", "L")).toBeDefined();
    expect(ownTransform("L/T", "L")).toBeUndefined();
    expect(ownTransform("L +", "L")).toBeUndefined();
    const own = ownColumn(ownTransform("L^2 + 1", "L")!, column([3], 0.1));
    expect([own.values[0], own.up[0]]).toEqual([10, expect.closeTo(0.6, 12) as unknown]);
  });
});

describe("straightness", () => {
  test("a square law is straight as T² against L³ and bent as T against L", () => {
    const x = transformedColumns(column(overhangs, 0.001));
    const y = transformedColumns(column(periods, 0.01));
    const { rows, straightest } = boardOf(x, y, limit);
    const bend = (across: string, up: string) =>
      rows.flat().find((cell) => cell.across.id === across && cell.up.id === up)!.straightness!
        .bend;
    expect(bend("3", "2")).toBeLessThan(0.1);
    expect(bend("1", "1")).toBeGreaterThan(straightBend);
    expect(bend("1.5", "1")).toBeLessThan(0.1);
    expect(straightest).toBeDefined();
    expect(bend(straightest!.x, straightest!.y)).toBeLessThan(straightBend);
  });

  test("longer bars explain a bend that shorter ones do not", () => {
    const y = [1, 2.1, 3.3, 4.6, 6];
    const bend = (bar: number) => straightnessOf(column([1, 2, 3, 4, 5]), column(y, bar), 1)!.bend;
    expect(bend(0.01)).toBeGreaterThan(straightBend);
    expect(bend(0.2)).toBeLessThan(straightBend);
    expect(bend(0.01) / bend(0.02)).toBeCloseTo(2, 6);
  });

  test("the sign says which way; three points say nothing", () => {
    const x = column([1, 2, 3, 4, 5]);
    expect(straightnessOf(x, column([1, 4, 9, 16, 25], 0.1), 1)!.sign).toBe(1);
    expect(straightnessOf(x, column([1, 1.4, 1.7, 2, 2.2], 0.001), 1)!.sign).toBe(-1);
    expect(straightnessOf(column([1, 2, 3]), column([1, 2, 3]), 1)).toBeUndefined();
    expect(straightnessOf(column([2, 2, 2, 2]), column([1, 2, 3, 4]), 1)).toBeUndefined();
  });
});

describe("a hundred made-up laws with bars", () => {
  const shapes: readonly ((u: number, a: number) => number)[] = [
    (u, a) => Math.exp(a * u),
    (u, a) => u ** a,
    (u, a) => 1 / (0.1 + a * u),
    (u, a) => 1 + Math.sin(a * u),
    (u, a) => Math.sqrt(1 + a * u ** 2),
    (u, a) => u ** 3 - a * u + 9,
  ];
  const chance = new SeededChance(9);
  const laws = Array.from({ length: 100 }, (_, seed) => {
    const [shape, size] = [shapes[seed % shapes.length]!, 10 ** (6 * chance.uniform() - 3)];
    const count = 5 + Math.floor(8 * chance.uniform());
    const [a, bar] = [0.5 + 3 * chance.uniform(), 10 ** (-4 + 2.5 * chance.uniform())];
    const x = Array.from({ length: count }, (__, i) => 0.4 + 0.3 * i);
    const exact = x.map((u) => size * shape(u, a));
    const high = Math.max(...exact.map(Math.abs));
    const y = exact.map((v) => v + bar * high * (2 * chance.uniform() - 1));
    return boardOf(
      transformedColumns(column(x, 0.001)),
      transformedColumns(column(y, bar * high)),
      limit,
    );
  });
  const cells = laws.flatMap(({ rows }) => rows.flat());

  test("no pair whose line misses most bars shows as straight", () => {
    const wrong = cells.filter(({ across, up, straightness }) => {
      if (!isStraight(straightness)) return false;
      const { slope, intercept, count } = straightness!;
      const missed = across.values.reduce((total, value, i) => {
        const off = Math.abs(up.values[i]! - slope * value - intercept);
        return (
          total + (off > up.up[i]! + up.down[i]! + Math.abs(slope) * 2 * across.up[i]! ? 1 : 0)
        );
      }, 0);
      return missed > count / 2;
    });
    expect(wrong).toEqual([]);
    expect(cells.filter(({ straightness }) => isStraight(straightness)).length).toBeGreaterThan(
      100,
    );
  });

  test("the pair that makes a law of powers or exponentials straight still shows as straight", () => {
    const of = (law: number, across: string, up: string) =>
      laws[law]!.rows.flat().find((cell) => cell.across.id === across && cell.up.id === up)!;
    const pairs = laws.flatMap((_, i) =>
      i % 6 === 0 ? [of(i, "1", "ln")] : i % 6 === 2 ? [of(i, "1", "-1")] : [],
    );
    const straight = pairs.filter(({ straightness }) => isStraight(straightness));
    expect(straight.length).toBeGreaterThan(0.9 * pairs.length);
  });
});

describe("from the points", () => {
  test("the exponent with its ± and the fraction that it agrees with", () => {
    const chance = new SeededChance(2);
    const scattered = periods.map((t) => t + 0.005 * chance.normal());
    const found = fromPoints(
      ...([transformedColumns(column(overhangs, 0.001))] as const),
      ...([transformedColumns(column(scattered, 0.01)), limit] as const),
    );
    expect(Math.abs(found.exponent!.value - 1.5)).toBeLessThan(3 * found.exponent!.error);
    expect(found.fraction).toEqual({ above: 3, below: 2 });
    expect(found.possible).toContain("power");
    expect(found.possible).not.toContain("line");
  });

  test("the rate of an exponential, and laws that points can't tell apart", () => {
    const x = [0, 1, 2, 3, 4, 5];
    const y = x.map((t) => 9 * Math.exp(-0.2 * t));
    const found = (bar: number) =>
      fromPoints(transformedColumns(column(x)), transformedColumns(column(y, bar)), limit);
    expect(found(0.05).rate!.value).toBeCloseTo(-0.2, 6);
    expect(found(0.05).exponent).toBeUndefined();
    expect(found(0.01).possible).toEqual(["exponential"]);
    expect(found(3).possible.length).toBeGreaterThan(1);
  });

  test.each<[number, number, string]>([
    [1.52, 0.03, "3/2"],
    [-2.1, 0.1, "-2/1"],
    [0.337, 0.01, "1/3"],
    [1.43, 0.001, "none"],
    [0.01, 0.02, "none"],
  ])("%d ± %d agrees with %s", (value, error, said) => {
    const found = simpleFraction({ value, error });
    expect(found ? `${found.above}/${found.below}` : "none").toBe(said);
  });
});

describe("when it stays curved", () => {
  const x = [1, 2, 3, 4, 5, 6, 7, 8, 9];

  test.each<[string, (x: number) => number, string]>([
    ["a square law with a start", (u) => 2 * u + u * u, "starts-with-slope"],
    ["a level that is come near to", (u) => (10 * u) / (1 + u), "saturates"],
    ["a fall to a level", (u) => 5 + 20 * Math.exp(-u), "falls-to-level"],
  ])("%s", (_, law, suggestion) => {
    expect(suggestionsFor(x, x.map(law))).toContain(suggestion);
  });

  test("a sideways parabola has two y for one x", () => {
    const across = [0, 1, 1.1, 4, 4.1, 9, 9.2, 16, 16.1];
    const up = [0, 1, -1.05, 2, -2.02, 3, -3.03, 4, -4.01];
    expect(isTwoForOne(across, up)).toBe(true);
    expect(suggestionsFor(across, up)).toEqual(["two-for-one"]);
    expect(
      isTwoForOne(
        x,
        x.map((u) => u * u - 20),
      ),
    ).toBe(false);
  });
});
