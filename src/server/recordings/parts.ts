import type { Transaction } from "sequelize";
import {
  bytesOfNumber,
  numbersOf,
  type RecordedNumbers,
  type RecordingDescription,
  recordingLimits,
} from "@/protocol/recordings";
import { models } from "../database/models";
import type { Recording } from "../database/models/recording";
import type { RecordingPart } from "../database/models/recordingPart";
import { BodyRefused } from "../requests/readBody";
import { channelOf, chunkSize, keptLevels } from "./chunk";
import { packed, unpacked } from "./packed";

const rawOf = (numbers: RecordedNumbers | Float32Array) =>
  new Uint8Array(numbers.buffer, numbers.byteOffset, numbers.byteLength);

/** The numbers of a part, one channel behind the other: a chunk is packed, what came last is not yet. */
async function numbersOfPart(
  { tells }: RecordingDescription,
  { data, levels }: Pick<RecordingPart, "data" | "levels">,
): Promise<RecordedNumbers> {
  const bytes = levels ? await unpacked(data, bytesOfNumber(tells)) : data;
  return numbersOf(tells, Uint8Array.from(bytes).buffer);
}

/** An empty stretch of as many numbers, all lost. */
function lost(tells: RecordingDescription["tells"], count: number): RecordedNumbers {
  return numbersOf(tells, new ArrayBuffer(count * bytesOfNumber(tells))).fill(NaN);
}

/** Parts that follow each other, as one. */
function joinedNumbers(
  { tells, channels }: RecordingDescription,
  parts: readonly RecordedNumbers[],
): RecordedNumbers {
  const count = channels.length;
  const whole = lost(tells, parts.reduce((sum, { length }) => sum + length, 0)); // prettier-ignore
  for (let at = 0; at < count; at++) {
    const into = channelOf(whole, count, at);
    let from = 0;
    for (const part of parts) {
      const one = channelOf(part, count, at);
      into.set(one, from);
      from += one.length;
    }
  }
  return whole;
}

/** The numbers of parts that follow each other, one channel behind the other. */
export async function numbersOfParts(
  { description }: Pick<Recording, "description">,
  parts: readonly RecordingPart[],
): Promise<RecordedNumbers> {
  const numbers = await Promise.all(parts.map((part) => numbersOfPart(description, part)));
  return joinedNumbers(description, numbers);
}

/** Readings of a stretch of each channel, counted from the first of the numbers. */
export function cut(
  description: RecordingDescription,
  numbers: RecordedNumbers,
  from: number,
  to: number,
): RecordedNumbers {
  const count = description.channels.length;
  const piece = lost(description.tells, count * (to - from));
  for (let at = 0; at < count; at++) {
    channelOf(piece, count, at).set(channelOf(numbers, count, at).subarray(from, to));
  }
  return piece;
}

/** Keeps a part; written as it stands, since a library's own way of writing bytes costs more than all the rest. */
async function put(
  { id, description: { tells, channels } }: Recording,
  first: number,
  numbers: RecordedNumbers,
  transaction: Transaction,
  asChunk: boolean,
): Promise<void> {
  const raw = rawOf(numbers);
  const data = asChunk ? await packed(raw, bytesOfNumber(tells)) : Buffer.from(raw);
  const levels = asChunk ? await packed(rawOf(keptLevels(numbers, channels.length)), 4) : null;
  await models().sequelize.query(
    "insert into recording_parts (recording_id, first, readings, data, levels) values ($1, $2, $3, $4, $5)",
    { bind: [id, first, numbers.length / channels.length, data, levels], transaction },
  );
}

/** The parts of a recording that are no chunks yet, in their order. */
export const tailOf = (recordingId: string, transaction?: Transaction) =>
  models().RecordingPart.findAll({
    where: { recordingId, levels: null },
    order: [["first", "ASC"]],
    ...(transaction && { transaction }),
  });

/** Makes chunks of what came last: only whole ones, but of all where it ends there. */
async function seal(recording: Recording, transaction: Transaction, all: boolean): Promise<void> {
  const { id: recordingId, description } = recording;
  const parts = await tailOf(recordingId, transaction);
  const readings = parts.reduce((sum, part) => sum + part.readings, 0);
  const [begin] = parts;
  if (!begin || (!all && readings < chunkSize)) return;
  const tail = await numbersOfParts(recording, parts);
  await models().RecordingPart.destroy({ where: { recordingId, levels: null }, transaction });
  for (let from = 0; from < readings; from += chunkSize) {
    const to = Math.min(readings, from + chunkSize);
    const whole = all || to - from === chunkSize;
    const piece = cut(description, tail, from, to);
    await put(recording, begin.first + from, piece, transaction, whole);
  }
}

/** Makes chunks of all that came last. */
export const sealTail = (recording: Recording, transaction: Transaction): Promise<void> =>
  seal(recording, transaction, true);

/** The readings that came, from the one that is wanted next; what is missing before them is lost. */
function following(
  { description, readings }: Recording,
  first: number,
  numbers: RecordedNumbers,
): RecordedNumbers | undefined {
  const { tells, channels } = description;
  const count = numbers.length / channels.length;
  if (first + count <= readings) return undefined;
  if (first < readings) return cut(description, numbers, readings - first, count);
  const missing = lost(tells, channels.length * (first - readings));
  return joinedNumbers(description, [missing, numbers]);
}

/**
 * Takes readings as they come, from the number of the first of them on. What came before is passed over, what was left
 * out is lost: a gap is a gap.
 * @returns how many readings there are; undefined where the recording is not there or has stopped.
 * @throws BodyRefused where it would grow too long.
 */
export function addReadings(
  investigationId: string,
  id: string,
  first: number,
  numbers: RecordedNumbers,
): Promise<number | undefined> {
  const { sequelize, Recording: Table } = models();
  return sequelize.transaction(async (transaction) => {
    const where = { investigationId, id };
    const recording = await Table.findOne({ where, transaction, lock: true });
    if (!recording || recording.stoppedAt) return undefined;
    const count = numbers.length / recording.description.channels.length;
    if (!Number.isInteger(count)) throw new BodyRefused(400, "not as many of each channel");
    if (first + count > recordingLimits.readings) throw new BodyRefused(413, "too long");
    const more = following(recording, first, numbers);
    if (!more) return recording.readings;
    await put(recording, recording.readings, more, transaction, false);
    const readings = first + count;
    const filled = Math.floor(readings / chunkSize) > Math.floor(recording.readings / chunkSize);
    await recording.update({ readings }, { transaction });
    if (filled) await seal(recording, transaction, false);
    return readings;
  });
}
