import { channelColumns, readLoggerHead } from "@/intake/recordings/loggerHead";
import { evenStep, LoggerReader } from "@/intake/recordings/loggerReader";
import type { RecordingDescription } from "@/investigation/model/recording";
import { recordingCsvHead, recordingCsvLines } from "./recordingCsv";

const channel = {
  name: "displacement",
  symbol: "y",
  unit: "mm",
  resolution: 0.05,
  zero: 0,
  scale: 0,
};
const how: RecordingDescription = {
  instrument: "displacement sensor",
  tells: "readings",
  channels: [channel, { ...channel, name: "force", symbol: "F", unit: "N" }],
  step: 0.005,
  clock: 0,
};

test.each(["point", "comma"] as const)("a recording that is taken out comes back as it was, with a decimal %s", (mark) => {
  const text = { how, mark };
  const y = [1.25, NaN, -0.05, 3.1];
  const F = [0.001, 2e-7, 5, 1234.567];
  const csv = recordingCsvHead(text) + recordingCsvLines(text, 0, Float32Array.from([...y, ...F]));
  const lines = csv.split("\n");
  expect(lines[0]).toBe(mark === "comma" ? "t / s;y / mm;F / N" : "t / s,y / mm,F / N");
  expect(lines[2]).toBe(mark === "comma" ? "0,0050;;2e-7" : "0.0050,,2e-7");
  const head = readLoggerHead(csv)!;
  const reader = new LoggerReader(head, channelColumns(csv, head));
  reader.push(csv);
  const [stretch] = reader.finish().stretches;
  expect(evenStep(stretch!.times)).toBeCloseTo(0.005, 9);
  expect([...stretch!.channels[0]!]).toEqual([...Float32Array.from(y)]);
  expect([...stretch!.channels[1]!]).toEqual([...Float32Array.from(F)]);
}); // prettier-ignore

test("moments of events are a column, counts stand at the middle of their interval", () => {
  const gate = { how: { ...how, tells: "events" as const, channels: [channel], step: 1e-4 }, mark: "point" as const };
  expect(recordingCsvHead(gate) + recordingCsvLines(gate, 0, Float64Array.of(0.1833, 0.5512))).toBe("t / s\n0.18330\n0.55120\n"); // prettier-ignore
  const counter = { how: { ...how, tells: "counts" as const, channels: [{ ...channel, symbol: "N", unit: "" }], step: 1 }, mark: "point" as const };
  expect(recordingCsvHead(counter) + recordingCsvLines(counter, 3, Float32Array.of(7, 0))).toBe("t / s,N\n3.50,7\n4.50,0\n");
}); // prettier-ignore
