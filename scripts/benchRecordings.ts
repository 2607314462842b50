/** `npm run bench:recordings`: what is read off long recordings, and what storing them costs; not a test. */
import { nanoid } from "nanoid";
import { SeededChance } from "@/core/statistics/seededChance";
import { crossingsOf } from "@/core/recording/crossings";
import { extremesOf } from "@/core/recording/extremes";
import { Pyramid } from "@/core/recording/pyramid";
import { spectrumOf } from "@/core/recording/spectrum";
import { statisticsOf } from "@/core/recording/stretchStatistics";
import { unknownNature } from "@/core/recording/channelNature";
import { readingsWithin } from "@/core/recording/trace";
import { readLoggerHead } from "@/intake/recordings/loggerHead";
import { LoggerReader } from "@/intake/recordings/loggerReader";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import type { RecordingDescription } from "@/protocol/recordings";
import { closeDatabase } from "@/server/database/connection";
import { models } from "@/server/database/models";
import { createInvestigation } from "@/server/investigations/createInvestigation";
import { addReadings } from "@/server/recordings/parts";
import { levelOf, readingsOf } from "@/server/recordings/reading";
import { changeRecordings, recordingOf } from "@/server/recordings/recordings";
import { median, timed } from "./timing";

const perSecond = 1000;
const channels = 4;

/** A swing of 0.7 s with noise, in steps, as a sensor tells it. */
function swinging(count: number): Float32Array<ArrayBuffer> {
  const chance = new SeededChance(8);
  const value = (i: number) => 4 * Math.sin((2 * Math.PI * i) / (0.7 * perSecond)) + 0.04 * chance.normal(); // prettier-ignore
  return Float32Array.from({ length: count }, (_value, i) => Math.round(value(i) * 20) / 20);
}

const told = (what: string, milliseconds: number) =>
  console.log(`${what.padEnd(60)} ${milliseconds.toFixed(milliseconds < 10 ? 2 : 0)} ms`);

/** What is read off a million readings. */
function readOff(): void {
  const values = swinging(1_000_000);
  const trace = { start: 0, step: 1 / perSecond, values };
  const whole = { from: 0, to: 1e9 };
  const readings = readingsWithin(trace, whole);
  const sought = { level: 0, depth: 0.5, uncertainty: 0.05 };
  told("10⁶ readings: those of a stretch", timed(() => readingsWithin(trace, whole), 9));
  told("10⁶ readings: mean, spread, noise", timed(() => statisticsOf(readings, unknownNature), 9));
  told("10⁶ readings: crossings of a level", timed(() => crossingsOf(readings, sought), 9));
  told("10⁶ readings: peaks and troughs", timed(() => extremesOf(readings, 0.5, 0.05), 9));
  told("10⁶ readings: spectrum", timed(() => spectrumOf(readings, trace.step), 5));
  const pyramid = () => {
    const made = new Pyramid();
    for (const value of values) made.push(value);
  };
  told("10⁶ readings: levels", timed(pyramid, 9));
} // prettier-ignore

/** A logger's file of a million lines, in pieces as a worker reads them. */
function logged(): void {
  const values = swinging(1_000_000);
  const lines = Array.from(
    values,
    (value, i) => `${(i / perSecond).toFixed(3)};${value.toFixed(2)}`,
  );
  const text = `t / s;y / mm\n${lines.join("\n")}\n`;
  const head = readLoggerHead(text.slice(0, 20_000))!;
  const read = () => {
    const reader = new LoggerReader(head, [1]);
    for (let at = 0; at < text.length; at += 65_536) reader.push(text.slice(at, at + 65_536));
    return reader.finish();
  };
  told("10⁶ lines of a logger's file", timed(read, 3));
}

const channel = { name: "y", symbol: "y", unit: "mm", resolution: 0.05, zero: 0.05, scale: 0.01 };
const description: RecordingDescription = {
  instrument: "bench",
  tells: "readings",
  channels: Array.from({ length: channels }, () => channel),
  step: 1 / perSecond,
  clock: 0,
};

async function begun(): Promise<{ sheet: string; id: string }> {
  const person = nanoid(12);
  const fields = { signInName: person.toLowerCase(), name: "Bench", password: "x", demo: false };
  await models().Person.create({ id: person, ...fields });
  const sheet = (await createInvestigation(person, emptyInvestigation()))!;
  const id = nanoid(12);
  await changeRecordings(sheet, person, { kind: "begin", id, description });
  return { sheet, id };
}

/** The processor's time of this process for work, in ms. */
async function costOf(work: () => Promise<void>): Promise<number> {
  const before = process.cpuUsage();
  await work();
  const { user, system } = process.cpuUsage(before);
  return (user + system) / 1000;
}

/** Four channels as they come, so many readings of each at a time. */
async function storing(atOnce: number, pieces: number): Promise<{ sheet: string; id: string }> {
  const { sheet, id } = await begun();
  const one = swinging(atOnce * pieces);
  const cost = await costOf(async () => {
    for (let piece = 0; piece < pieces; piece++) {
      const part = one.subarray(piece * atOnce, (piece + 1) * atOnce);
      const numbers = new Float32Array(atOnce * channels);
      for (let at = 0; at < channels; at++) numbers.set(part, at * atOnce);
      await addReadings(sheet, id, piece * atOnce, numbers);
    }
  });
  const thousands = (atOnce * pieces * channels) / 1000;
  told(`storing 4 channels, ${atOnce} readings of each at a time: CPU for 1,000`, cost / thousands);
  return { sheet, id };
}

async function reading({ sheet, id }: { sheet: string; id: string }): Promise<void> {
  const recording = (await recordingOf(sheet, id))!;
  for (const level of [4, 3, 2]) {
    const times: number[] = [];
    for (let turn = 0; turn < 5; turn++) {
      const began = performance.now();
      await levelOf(recording, level);
      times.push(performance.now() - began);
    }
    told(`opening 4 × ${recording.readings} readings at level ${level}`, median(times));
  }
  const began = performance.now();
  await readingsOf(recording, { from: 1_000_000, to: 1_065_536 });
  told("4 × 65,536 readings out of the middle", performance.now() - began);
}

readOff();
logged();
await storing(50, 400);
await storing(1000, 100);
await reading(await storing(65_536, 150));
await closeDatabase();
