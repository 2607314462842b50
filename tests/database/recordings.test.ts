/** Recordings as they come in, are kept, and are read again by stretch and by level. */
import { nanoid } from "nanoid";
import { SeededChance } from "@/core/statistics/seededChance";
import { recordingLimits, type RecordingDescription } from "@/protocol/recordings";
import { models } from "@/server/database/models";
import { chunkSize, readingsBehind } from "@/server/recordings/chunk";
import { addReadings } from "@/server/recordings/parts";
import { levelOf, readingsOf } from "@/server/recordings/reading";
import { sweepRecordings } from "@/server/recordings/copies";
import { duplicateOnShelf } from "@/server/investigations/shelfChanges";
import { keepRecording } from "@/investigation/acts/keepRecording";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { changeRecordings, recordingOf, recordingsOf } from "@/server/recordings/recordings";
import { ruleSensor } from "../fixtures/recordedRule";
import { closeDatabase, prepareDatabase, somebodysRule } from "./place";

beforeAll(prepareDatabase);
afterAll(closeDatabase);

const twoChannels: RecordingDescription = {
  ...ruleSensor,
  channels: [ruleSensor.channels[0]!, { ...ruleSensor.channels[0]!, name: "force", symbol: "F" }],
};

async function begun(description: RecordingDescription = ruleSensor) {
  const { id: sheet, owner } = await somebodysRule();
  const id = nanoid(12);
  await changeRecordings(sheet, owner, { kind: "begin", id, description });
  const add = (first: number, numbers: Float32Array<ArrayBuffer> | Float64Array<ArrayBuffer>) =>
    addReadings(sheet, id, first, numbers);
  const there = async () => (await recordingOf(sheet, id))!;
  const stop = () => changeRecordings(sheet, owner, { kind: "stop", id });
  return { sheet, owner, id, add, there, stop };
}

const numbers = (count: number, seed = 1) => {
  const chance = new SeededChance(seed);
  return Float32Array.from({ length: count }, () => chance.normal());
};

/** Least and greatest of a channel at a level, as anybody would find them. */
function plainPairs(values: Float32Array, level: number): number[] {
  const pairs: number[] = [];
  for (let from = 0; from < values.length; from += readingsBehind(level)) {
    const stretch = [...values.slice(from, from + readingsBehind(level))].filter(
      (value) => !Number.isNaN(value),
    );
    pairs.push(...(stretch.length > 0 ? [Math.min(...stretch), Math.max(...stretch)] : [NaN, NaN]));
  }
  return pairs;
}

test("what came piece by piece is read as it was, by any stretch, while it records and once it stopped", async () => {
  const { add, there, stop } = await begun();
  const whole = numbers(3 * chunkSize + 1234);
  for (let from = 0; from < whole.length; from += 20_000) {
    await add(from, whole.slice(from, from + 20_000));
  }
  for (const when of ["recording", "stopped"]) {
    const recording = await there();
    expect(recording.readings).toBe(whole.length);
    const span = { from: chunkSize - 5, to: 2 * chunkSize + 7 };
    const read = await readingsOf(recording, span);
    expect([when, read.first]).toEqual([when, span.from]);
    expect(read.numbers).toEqual(whole.slice(span.from, span.to));
    for (const level of [2, 3, 4]) {
      expect([...(await levelOf(recording, level))]).toEqual(plainPairs(whole, level));
    }
    await stop();
  }
  expect(await models().RecordingPart.count({ where: { levels: null, recordingId: (await there()).id } })).toBe(0); // prettier-ignore
  expect(await add(whole.length, numbers(5))).toBeUndefined();
});

test("two channels lie one behind the other", async () => {
  const { add, there } = await begun(twoChannels);
  const [y, force] = [numbers(700, 3), numbers(700, 4)];
  const piece = (from: number, to: number) => Float32Array.from([...y.slice(from, to), ...force.slice(from, to)]); // prettier-ignore
  await add(0, piece(0, 300));
  await add(300, piece(300, 700));
  const { numbers: read } = await readingsOf(await there(), { from: 250, to: 350 });
  expect(read).toEqual(piece(250, 350));
  const pairs = await levelOf(await there(), 2);
  expect([...pairs]).toEqual([...plainPairs(y, 2), ...plainPairs(force, 2)]);
  await expect(add(700, numbers(3))).rejects.toThrow("not as many of each channel");
});

test("what is sent twice counts once; what was left out is lost, not closed up", async () => {
  const { add, there } = await begun();
  const whole = numbers(100);
  await Promise.all([add(0, whole.slice(0, 40)), add(0, whole.slice(0, 40))]);
  expect(await add(20, whole.slice(20, 60))).toBe(60);
  expect(await add(10, whole.slice(10, 30))).toBe(60);
  expect(await add(70, whole.slice(70))).toBe(100);
  const expected = whole.slice();
  expected.fill(NaN, 60, 70);
  expect((await readingsOf(await there(), { from: 0, to: 1000 })).numbers).toEqual(expected);
});

test("moments of events keep all their figures", async () => {
  const { add, there } = await begun({ ...ruleSensor, tells: "events", step: 1e-4 });
  const moments = Float64Array.of(86_400.1234, 86_400.1235);
  await add(0, moments);
  expect((await readingsOf(await there(), { from: 0, to: 9 })).numbers).toEqual(moments);
});

test("recordings belong to their investigation: begun once, listed in order, gone with it", async () => {
  const { sheet, owner, id, add } = await begun();
  await changeRecordings(sheet, owner, { kind: "begin", id, description: twoChannels });
  await add(0, numbers(10));
  const second = nanoid(12);
  await changeRecordings(sheet, owner, { kind: "begin", id: second, description: twoChannels });
  const all = await recordingsOf(sheet);
  expect(all.map((one) => [one.id, one.readings, one.stopped])).toEqual([
    [id, 10, false],
    [second, 0, false],
  ]);
  const { id: elsewhere, owner: other } = await somebodysRule();
  expect(await recordingOf(elsewhere, id)).toBeUndefined();
  expect(await addReadings(elsewhere, id, 10, numbers(1))).toBeUndefined();
  const taken = changeRecordings(elsewhere, other, { kind: "begin", id, description: ruleSensor });
  await expect(taken).rejects.toThrow("this id is taken");
  await changeRecordings(sheet, owner, { kind: "remove", id: second });
  expect(await recordingsOf(sheet)).toHaveLength(1);
  await expect(add(recordingLimits.readings, numbers(1))).rejects.toThrow("too long");
  await models().StoredInvestigation.destroy({ where: { id: sheet } });
  expect(await models().RecordingPart.count({ where: { recordingId: id } })).toBe(0);
});

test("a copy of an investigation takes its recordings along, and goes its own way from there", async () => {
  const { sheet, owner, id, add, stop } = await begun();
  await add(0, numbers(1000));
  await stop();
  const { StoredInvestigation, Recording } = models();
  const stored = (await StoredInvestigation.findByPk(sheet))!;
  const { document } = perform(stored.document as Investigation, keepRecording, {
    id, name: "tip", how: ruleSensor, readings: 1000, begunAt: "2026-11-29T08:00:00Z", outline: [],
  }); // prettier-ignore
  await stored.update({ document });
  const copy = (await duplicateOnShelf(sheet, owner))!;
  const copied = ((await StoredInvestigation.findByPk(copy))!.document as Investigation).recordings;
  const [[key, recording]] = Object.entries(copied) as unknown as [[string, { name: string }]];
  expect([key === id, recording.name]).toEqual([false, "tip"]);
  await changeRecordings(sheet, owner, { kind: "remove", id });
  const readings = await readingsOf((await recordingOf(copy, key))!, { from: 0, to: 2000 });
  expect(readings.numbers).toEqual(numbers(1000));
  expect(await recordingOf(copy, id)).toBeUndefined();
  await Recording.update({ begunAt: new Date("2026-01-01") }, { where: { investigationId: copy } });
  await sweepRecordings();
  expect(await recordingsOf(copy)).toHaveLength(1);
  await (await StoredInvestigation.findByPk(copy))!.update({
    document: { ...document, recordings: {} },
  });
  await sweepRecordings();
  expect(await recordingsOf(copy)).toEqual([]);
});
