import type { OverviewRow } from "@/protocol/overview";
import { inOverviewOrder } from "./overviewOrder";

const row = (number: number, more: Partial<OverviewRow> = {}): OverviewRow => ({
  id: `b${number}`,
  number,
  investigation: "",
  people: [],
  ...more,
});
const glance = (readings: number) => ({ glance: { readings, openMarks: 0, asks: [] } });
const numbers = (rows: readonly OverviewRow[]) => rows.map(({ number }) => number);

test("rows go by any column, up and down; what has nothing there stands last, what is alike by its number", () => {
  const rows = [row(1), row(2, glance(7)), row(3, glance(3)), row(4, glance(7))];
  expect(numbers(inOverviewOrder(rows, { by: "readings", down: false }))).toEqual([3, 2, 4, 1]);
  expect(numbers(inOverviewOrder(rows, { by: "readings", down: true }))).toEqual([2, 4, 3, 1]);
  expect(numbers(inOverviewOrder(rows, { by: "bench", down: true }))).toEqual([4, 3, 2, 1]);
});

test("stages go in the order of the work", () => {
  const rows = [row(1, { stage: "writeup" }), row(2, { stage: "derive" }), row(3)];
  expect(numbers(inOverviewOrder(rows, { by: "where", down: false }))).toEqual([2, 1, 3]);
});
