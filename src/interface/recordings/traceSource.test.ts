import type { RecordingDescription } from "@/investigation/model/recording";
import { columnsOf } from "@/core/recording/outline";
import { GrowingTrace } from "./growingTrace";
import {
  gathered,
  GrownSource,
  layerOfPairs,
  layerOfReadings,
  outlineOfSource,
} from "./traceSource";

/** Least and greatest of what falls into each column, as anybody would find them. */
function plainly(values: readonly number[], from: number, to: number, columns: number): number[] {
  const all = Array.from({ length: columns }, (): number[] => []);
  values.forEach((value, i) => {
    const at = Math.floor((i - from) / ((to - from) / columns));
    if (i >= from && i < to && !Number.isNaN(value)) all[at]?.push(value);
  });
  return all.flatMap((some) => (some.length > 0 ? [Math.min(...some), Math.max(...some)] : [NaN, NaN]));
} // prettier-ignore

const wave = (count: number) =>
  Array.from({ length: count }, (_v, i) => Math.fround(Math.sin(i / 9) + i / 50));

function grown(values: readonly number[]): GrownSource {
  const trace = new GrowingTrace("readings", 1);
  trace.add(0, [values]);
  return new GrownSource(trace);
}

test("each column holds the least and greatest of its readings, lost ones left out", () => {
  const values = [1, 5, NaN, NaN, 2, 2, -3, 9];
  expect([...gathered(layerOfReadings(values), [0, 8], 4)]).toEqual([1, 5, NaN, NaN, 2, 2, -3, 9]);
  expect([...gathered(layerOfReadings(values.slice(4)), [0, 8], 2, 4)]).toEqual([NaN, NaN, -3, 9]);
});

test("a pair that lies across columns stands in each of them", () => {
  expect([...gathered(layerOfPairs(Float32Array.of(1, 4), 8), [0, 8], 4)]).toEqual([1, 4, 1, 4, 1, 4, 1, 4]);
}); // prettier-ignore

test("a trace in the page is drawn from its readings or its levels, the same to a column", () => {
  const values = wave(40_000);
  const source = grown(values);
  expect([...source.columns(0, 100, 900, 200)]).toEqual(plainly(values, 100, 900, 200));
  const coarse = source.columns(0, 0, 40_000, 100);
  const exact = plainly(values, 0, 40_000, 100);
  coarse.forEach((value, i) => expect(Math.abs(value - (exact[i] as number))).toBeLessThan(1.3));
  expect(Math.min(...coarse)).toBe(Math.min(...values));
  expect(Math.max(...coarse)).toBe(Math.max(...values));
  expect(source.readings(0, 39_998, 40_010)).toMatchObject({ first: 39_998 });
});

test("what came since is drawn, though the same columns were asked for before", () => {
  const trace = new GrowingTrace("readings", 1);
  trace.add(0, [[1, 2]]);
  const source = new GrownSource(trace);
  expect([...source.columns(0, 0, 4, 2)]).toEqual([1, 2, NaN, NaN]);
  trace.add(2, [[7]]);
  expect([...source.columns(0, 0, 4, 2)]).toEqual([1, 2, 7, 7]);
});

test("in short: the trace of each channel, or the moments of events", () => {
  const how: RecordingDescription = { instrument: "sensor", tells: "readings", channels: [{ name: "y", symbol: "y", unit: "mm", resolution: 0, zero: 0, scale: 0 }], step: 0.1, clock: 0 }; // prettier-ignore
  const values = wave(5000);
  const [outline] = outlineOfSource(grown(values), how);
  expect([outline!.least, outline!.greatest]).toEqual([Math.min(...values), Math.max(...values)]);
  const gate = new GrowingTrace("events", 1);
  gate.add(0, [[0.2, 0.9, 1.6]]);
  const [moments] = outlineOfSource(new GrownSource(gate), { ...how, tells: "events" });
  expect([...columnsOf(moments!)].filter((_m, i) => i % 2 === 0)).toEqual([0.2, 0.9, 1.6].map((m) => expect.closeTo(m, 2))); // prettier-ignore
});
