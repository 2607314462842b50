/** `npm run bench`: the core's speed as medians and ratios; not a test. */
import { linearRegression } from "simple-statistics";
import { fitOrdinaryLine } from "../src/core/fit/ordinaryLine";
import { typeReadings } from "../src/investigation/acts/typeReadings";
import { perform } from "../src/investigation/history/edit";
import { emptyInvestigation } from "../src/investigation/model/emptyInvestigation";
import type { Investigation } from "../src/investigation/model/investigation";
import { plainQuantity } from "../src/investigation/model/quantity";
import { ordersAtEnd } from "../src/investigation/model/order";
import { layoutFigure } from "../src/figure/layout/layoutFigure";
import { figureSpecification } from "../src/pipeline/figure";
import { fitFigure } from "../src/pipeline/fit";
import { evaluateTables } from "../src/pipeline/table";

function median(times: number[]): number {
  return times.sort((a, b) => a - b)[Math.floor(times.length / 2)] as number;
}

function timed(work: (turn: number) => unknown, turns: number): number {
  for (let turn = 0; turn < Math.ceil(turns / 4); turn++) work(turn);
  return median(
    Array.from({ length: turns }, (_, turn) => {
      const began = performance.now();
      work(turn);
      return performance.now() - began;
    }),
  );
}

function benchLine(): void {
  const count = 100_000;
  const x = Float64Array.from({ length: count }, (_, i) => i / 1000);
  const y = x.map((value, i) => 3 * value + Math.sin(i));
  const pairs = Array.from(x, (value, i) => [value, y[i] as number]);
  const ours = timed(() => fitOrdinaryLine(x, y), 41);
  const theirs = timed(() => linearRegression(pairs), 41);
  console.log(
    `line through 10⁵ points: ours ${ours.toFixed(2)} ms with standard errors, ` +
      `simple-statistics ${theirs.toFixed(2)} ms; ratio ${(ours / theirs).toFixed(2)}`,
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

benchLine();
for (const rows of [12, 2000, 20_000]) benchKey(rows);
