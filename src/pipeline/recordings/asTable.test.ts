import type { RecordingDescription } from "@/investigation/model/recording";
import { countedRows, oddThrough, tabled, type TableOrder } from "./asTable";

const how: RecordingDescription = {
  instrument: "logger",
  tells: "readings",
  channels: [{ name: "voltage", symbol: "U", unit: "V", resolution: 0.0001, noise: 0.01, zero: 0.002, scale: 0.003 }],
  step: 0.1,
  clock: 1e-4,
}; // prettier-ignore

/** U = 3 + 2 t, read ten times a second. */
const times = Float64Array.from({ length: 101 }, (_v, i) => i / 10);
const readings = { times, values: times.map((t) => 3 + 2 * t), gaps: [] };
const rows = (order: Partial<TableOrder>) =>
  tabled(readings, how, 0, { way: "every", every: 1, through: 5, ...order });

test("every tenth reading keeps its own ±, a mean of ten is as much surer as ten repeats are", () => {
  const each = rows({ every: 10 });
  expect(each.map(({ time }) => time)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
  expect(each[5]).toMatchObject({ value: 13, common: 0.002 + 0.003 * 13 });
  expect(each[5]?.random).toBeCloseTo(0.01, 5);
  const means = rows({ way: "means", every: 10 });
  expect(means).toHaveLength(10);
  expect(means[0]?.time).toBeCloseTo(0.45, 12);
  expect(means[0]?.value).toBeCloseTo(3.9, 12);
  expect(means[0]?.random).toBeCloseTo(0.01 / Math.sqrt(10), 5);
});

test("a rate of change is the slope, with the ± of a straight line through as many readings; the zero takes no part", () => {
  for (const way of ["differences", "savitzky-golay"] as const) {
    const found = rows({ way, through: 5 });
    expect(found).toHaveLength(97);
    for (const { value, common } of found) {
      expect(value).toBeCloseTo(2, 9);
      expect(common).toBeCloseTo(0.0031 * 2, 9);
    }
  }
  expect(rows({ way: "differences", through: 5 })[0]?.random).toBeCloseTo((0.01 * Math.SQRT2) / 0.4, 4);
  expect(rows({ way: "savitzky-golay", through: 5 })[0]?.random).toBeCloseTo(0.01 / (0.1 * Math.sqrt(10)), 4);
}); // prettier-ignore

test("over how many readings is an odd number, and more than the degree", () => {
  expect([1, 2, 3, 4, 10, 11].map(oddThrough)).toEqual([3, 3, 3, 5, 11, 11]);
});

test("counts are summed, events are numbered", () => {
  const counter = { ...how, tells: "counts" as const, step: 1 };
  const counts = { times: Float64Array.of(0.5, 1.5, 2.5, 3.5, 4.5), values: Float64Array.of(3, 5, 2, 4, 9), gaps: [] }; // prettier-ignore
  expect(countedRows(counts, counter, 2)).toEqual([
    { time: 1, value: 8 },
    { time: 3, value: 6 },
  ]);
  const gate = { ...how, tells: "events" as const };
  const moments = {
    times: Float64Array.of(0.2, 0.9, 1.6),
    values: Float64Array.of(1, 1, 1),
    gaps: [],
  };
  expect(countedRows(moments, gate, 2)).toEqual([
    { time: 0.2, value: 1 },
    { time: 1.6, value: 3 },
  ]);
});
