/** `npm run bench`: the core's speed as medians and ratios; not a test. */
import { compile as compileByMathjs } from "mathjs/number";
import { Matrix, solve } from "ml-matrix";
import { linearRegression } from "simple-statistics";
import { fitOrdinaryLine } from "../src/core/fit/ordinaryLine";
import { missedBoxes } from "../src/core/fit/missedBoxes";
import { slopeRange } from "../src/core/fit/slopeRange";
import { fitYorkLine } from "../src/core/fit/yorkLine";
import { compile } from "../src/core/expression/compile";
import { evaluateColumn } from "../src/core/expression/evaluate";
import { laneAt } from "../src/core/expression/lane";
import { parseFormula } from "../src/core/expression/parseFormula";
import { SeededChance } from "../src/core/statistics/seededChance";
import { monteCarlo } from "../src/core/uncertainty/monteCarlo";
import { addDerived } from "../src/investigation/acts/addDerived";
import { describeQuantity } from "../src/investigation/acts/describeQuantity";
import { layStraightedge } from "../src/investigation/acts/layStraightedge";
import { setHouseRules } from "../src/investigation/acts/setHouseRules";
import { typeReadings } from "../src/investigation/acts/typeReadings";
import { perform } from "../src/investigation/history/edit";
import { emptyInvestigation } from "../src/investigation/model/emptyInvestigation";
import type { Investigation } from "../src/investigation/model/investigation";
import { plainLook } from "../src/investigation/model/figure";
import { plainQuantity } from "../src/investigation/model/quantity";
import { ordersAtEnd } from "../src/investigation/model/order";
import { layoutFigure } from "../src/figure/layout/layoutFigure";
import { laidByHand } from "../src/pipeline/lines/byHand";
import { figureSpecification } from "../src/pipeline/figure/figure";
import { fitFigure } from "../src/pipeline/lines/fit";
import { evaluateTables } from "../src/pipeline/table/table";
import { timed } from "./timing";

/** A line beside two libraries: the plain sums, and least squares by decomposition. */
function benchLine(count: number): void {
  const x = Float64Array.from({ length: count }, (_, i) => i / 1000);
  const y = x.map((value, i) => 3 * value + Math.sin(i));
  const pairs = Array.from(x, (value, i) => [value, y[i] as number]);
  const ours = timed(() => fitOrdinaryLine(x, y), 41);
  const theirs = timed(() => linearRegression(pairs), 41);
  const ones = new Matrix(Array.from(x, (value) => [1, value]));
  const column = Matrix.columnVector(y);
  const matrix = timed(() => solve(ones, column), 5);
  console.log(
    `line through ${count} points: ours ${ours.toFixed(3)} ms with standard errors; ` +
      `simple-statistics ${theirs.toFixed(3)} ms, ratio ${(ours / theirs).toFixed(2)}; ` +
      `ml-matrix ${matrix.toFixed(2)} ms, ratio ${(ours / matrix).toFixed(2)}`,
  );
}

function tableOf(rows: number, columns: number): Investigation {
  const document = emptyInvestigation();
  const ids = ["x", "y", ...Array.from({ length: columns - 2 }, (_, i) => `q${i}`)];
  const orders = ordersAtEnd({}, ids.length);
  ids.forEach((id, i) => {
    const uncertainty = { kind: "fixed", amount: "0.1" } as const;
    const plain = plainQuantity(orders[i] as string, "main", id);
    document.quantities[id] = { ...plain, unit: "m", uncertainty };
  });
  const readings = Array.from({ length: rows }, (_, n) =>
    ids.map((cell, i) => ({ row: `r${n}`, cell, text: (n + i / 10).toFixed(1) })),
  ).flat();
  return perform(document, typeReadings, { readings }).document;
}

function benchKey(rows: number): void {
  let document = tableOf(rows, 6);
  const time = timed((turn) => {
    const readings = [{ row: "r5", cell: "y", text: `${turn}.5` }];
    document = perform(document, typeReadings, { readings }).document;
    const figure = document.figures.main!;
    const fit = fitFigure(evaluateTables(document), figure)!;
    return layoutFigure(figureSpecification(figure, 1, fit, document.houseRules));
  }, 41);
  console.log(`key → table, line and scene, ${rows} rows × 6: ${time.toFixed(2)} ms (no drawing)`);
}

/** What a dragged handle of a straightedge sets going: the range by hand, the boxes that it misses, the scene. */
function benchHandle(rows: number): void {
  let document = tableOf(rows, 2);
  document = perform(document, setHouseRules, { slopeRange: "by-hand" }).document;
  const lay = (id: string, role: "steepest" | "shallowest", y2: number) =>
    perform(document, layStraightedge, {
      figure: "main",
      id,
      change: { x1: 0, y1: 0, x2: rows, y2, role },
    }).document;
  document = lay("b", "shallowest", 0.9 * rows);
  const time = timed((turn) => {
    document = lay("a", "steepest", (1.1 + turn / 1000) * rows);
    const figure = document.figures.main!;
    const fit = fitFigure(evaluateTables(document), figure, document.houseRules)!;
    const { xValues: x, yValues: y, xBars, yBars } = fit.lines[0]!.fitted;
    const bars = { xDown: xBars.down, xUp: xBars.up, yDown: yBars.down, yUp: yBars.up };
    missedBoxes({ x, y, ...bars }, laidByHand(figure, "").steepest!);
    return layoutFigure(figureSpecification(figure, 1, fit, document.houseRules));
  }, 101);
  console.log(`a handle dragged over ${rows} points: ${time.toFixed(2)} ms (aim 16.7, no drawing)`);
}

/** From a specification to a scene, with bars and a line. */
function benchScene(count: number): void {
  const x = Float64Array.from({ length: count }, (_, i) => i / count);
  const y = x.map((value, i) => 3 * value + 0.2 * Math.sin(i));
  const bars = { up: x.map(() => 0.01), down: x.map(() => 0.01) };
  const axis = { name: "", symbol: [], unit: [], scale: "linear", reversed: false } as const;
  const {
    style,
    markers,
    bars: kind,
    join,
    band,
    grid,
    ticks,
    frame,
    arrows,
    gap,
    lettering,
    line,
  } = plainLook;
  const time = timed(
    () =>
      layoutFigure({
        width: 482,
        height: 340,
        textSize: 8,
        labels: [],
        x: { ...axis, range: { kind: "fill" } },
        y: { ...axis, range: { kind: "fill" } },
        series: [
          {
            name: "",
            seriesNumber: 0,
            bands: [],
            lines: [{ role: "best", slope: 3, intercept: 0 }],
            points: { x, y, xBars: bars, yBars: bars, aside: { x: [], y: [] } },
          },
        ],
        style: { headings: "slash", decimalMark: "point" },
        look: {
          style,
          markers,
          bars: kind,
          join,
          band,
          grid,
          ticks,
          frame,
          arrows,
          gap,
          lettering,
          line,
        },
      }),
    count > 1000 ? 15 : 101,
  );
  const aim = count > 100_000 ? "no aim" : `aim ${count > 1000 ? 50 : 2} ms`;
  console.log(`scene of ${count} points: ${time.toFixed(2)} ms (${aim})`);
}

/** The exact slope range and the line with both bars, from a hundred readings to a hundred thousand. */
function benchRange(): void {
  for (const count of [100, 1000, 10_000, 100_000]) {
    const x = Float64Array.from({ length: count }, (_, i) => i);
    const y = x.map((value, i) => 2 * value + Math.sin(12.9898 * i));
    const [wide, tall] = [x.map(() => 0.2), x.map(() => 1.2)];
    const boxes = { x, y, xDown: wide, xUp: wide, yDown: tall, yUp: tall };
    const turns = count > 10_000 ? 5 : 31;
    const range = timed(() => slopeRange(boxes), turns);
    const york = timed(() => fitYorkLine(x, y, wide, tall), turns);
    console.log(
      `${count} error boxes: exact slope range ${range.toFixed(2)} ms, line with both bars ${york.toFixed(2)} ms`,
    );
  }
}

for (const count of [100, 1000, 10_000, 100_000]) benchLine(count);
benchRange();
for (const count of [12, 100_000, 1_000_000]) benchScene(count);
for (const rows of [12, 2000, 20_000]) benchKey(rows);
for (const rows of [50, 1000]) benchHandle(rows);

const chained = ["x^2", "sqrt(x*y)", "x/y", "ln(x/y)", "a0 + a1", "1/a0", "x*y*a2", "a5*x", "exp(-a2)", "a0/a6"]; // prettier-ignore
const wholeColumns = ["mean(x)", "sum(x*y)", "x - mean(x)", "y/max(y)", "x - first(x)", "min(y)", "mean(a0*x)", "change(y)", "middle(x)", "sum(change(y))"]; // prettier-ignore

/** Ten derived quantities over so many rows, one after the other as they use each other. */
function benchDerived(rows: number, formulas: readonly string[], called: string): void {
  const table = tableOf(rows, 2);
  const document = formulas.reduce(
    (before, formula, i) =>
      perform(before, addDerived, {
        id: `a${i}`,
        table: "main",
        name: "",
        symbol: `a${i}`,
        formula,
      }).document,
    table,
  );
  const edit = timed((turn) => {
    const readings = [{ row: "r5", cell: "y", text: `${turn + 1}.5` }];
    return evaluateTables(perform(document, typeReadings, { readings }).document);
  }, 11);
  const anew = timed((turn) => {
    const name = `worked out anew ${turn}`;
    return evaluateTables(
      formulas.reduce(
        (before, _, i) => perform(before, describeQuantity, { quantity: `a${i}`, name }).document,
        document,
      ),
    );
  }, 11);
  console.log(
    `${rows} rows × 10 ${called}: from scratch ${anew.toFixed(0)} ms, after one edit ${edit.toFixed(0)} ms (aim 100 ms)`,
  );
}

function benchDraws(): void {
  const read = parseFormula("4*pi^2*a*b/(c^2*d) + e");
  if (read.kind !== "formula") return;
  const names = ["a", "b", "c", "d", "e"];
  const formula = compile(read.expression, (name) => names.indexOf(name));
  const inputs = names.map((_, i) => ({
    value: i + 1,
    size: 0.1,
    distribution: "normal" as const,
  }));
  const count = 1_000_000;
  const whole = timed(() => {
    const run = monteCarlo(formula, inputs, count, 1);
    let step = run.next();
    while (!step.done) step = run.next();
  }, 5);
  const values = new Float64Array(count);
  const loop = timed(() => {
    const chance = new SeededChance(1);
    for (let i = 0; i < count; i++) {
      const [a, b, c, d, e] = [1, 2, 3, 4, 5].map((x) => x + 0.1 * chance.normal()) as [
        number,
        number,
        number,
        number,
        number,
      ];
      values[i] = (4 * Math.PI ** 2 * a * b) / (c ** 2 * d) + e;
    }
    values.sort();
  }, 5);
  console.log(
    `10⁶ draws of five symbols: ${whole.toFixed(0)} ms (aim 1000 ms); a plain loop with sorting ${loop.toFixed(0)} ms, ratio ${(whole / loop).toFixed(2)}`,
  );
}

/** Slopes and ± of one formula in many rows: ours, and a mathjs expression with central differences. */
function benchPropagation(rows: number): void {
  const text = "4*pi^2*a*b/(c^2*d) + e";
  const read = parseFormula(text);
  if (read.kind !== "formula") return;
  const names = ["a", "b", "c", "d", "e"];
  const columns = names.map((_, i) =>
    Float64Array.from({ length: rows }, (_, n) => i + 1 + n / rows),
  );
  const sizes = names.map((_, i) => (i + 1) / 100);
  const ours = timed(() => {
    const { slopes } = evaluateColumn(read.expression, rows, {
      symbol: (name) => {
        const place = names.indexOf(name);
        return { values: columns[place] as Float64Array, slopes: new Map([[place, 1]]) };
      },
      scaleOfLog: () => 1,
    });
    return Float64Array.from({ length: rows }, (_, n) =>
      Math.sqrt(
        sizes.reduce((sum, size, i) => sum + (size * laneAt(slopes.get(i) ?? 0, n)) ** 2, 0),
      ),
    );
  }, 21);
  const code = compileByMathjs(text);
  const theirs = timed(() => {
    const scope: Record<string, number> = {};
    return Float64Array.from({ length: rows }, (_, n) => {
      names.forEach((name, i) => (scope[name] = columns[i]![n]!));
      let sum = code.evaluate(scope) * 0;
      names.forEach((name, i) => {
        const here = scope[name]!;
        const step = 1e-6 * here;
        scope[name] = here + step;
        const above = code.evaluate(scope);
        scope[name] = here - step;
        sum += (((above - code.evaluate(scope)) / (2 * step)) * sizes[i]!) ** 2;
        scope[name] = here;
      });
      return Math.sqrt(sum);
    });
  }, 5);
  console.log(
    `propagation of five symbols, ${rows} rows: ours ${ours.toFixed(2)} ms, mathjs with differences ` +
      `${theirs.toFixed(0)} ms: ${(theirs / ours).toFixed(0)} times faster (aim 5)`,
  );
}

benchDerived(20_000, chained, "derived quantities");
benchDerived(20_000, wholeColumns, "formulas with whole columns and neighbours");
benchPropagation(20_000);
benchDraws();
