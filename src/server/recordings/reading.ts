import { Op } from "sequelize";
import { models } from "../database/models";
import type { Recording } from "../database/models/recording";
import type { RecordingPart } from "../database/models/recordingPart";
import type { RecordedNumbers } from "@/protocol/recordings";
import { channelOf, coarsestKept, finestKept, keptLevel, pairsAt } from "./chunk";
import { cut, numbersOfParts, tailOf } from "./parts";
import { unpacked } from "./packed";

/** From one reading to before another, by their numbers. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** The parts that hold readings of a span, in their order. */
function partsWithin({ id: recordingId }: Recording, { from, to }: Span) {
  const ends = models().sequelize.literal(`first + readings > ${Math.floor(from)}`);
  return models().RecordingPart.findAll({
    where: { recordingId, first: { [Op.lt]: to }, [Op.and]: ends },
    order: [["first", "ASC"]],
  });
}

/** The readings of a span, one channel behind the other, and the number of the first. */
export async function readingsOf(recording: Recording, span: Span): Promise<{ first: number; numbers: RecordedNumbers }> {
  const parts = await partsWithin(recording, span);
  const numbers = await numbersOfParts(recording, parts);
  const first = parts[0]?.first ?? span.from;
  const end = first + numbers.length / recording.description.channels.length;
  const [from, to] = [Math.max(first, span.from), Math.min(end, span.to)];
  return { first: from, numbers: cut(recording.description, numbers, from - first, to - first) };
} // prettier-ignore

/** The chunks of a recording with their levels alone, in their order. */
const chunksOf = ({ id: recordingId }: Recording) =>
  models().RecordingPart.findAll({
    where: { recordingId, levels: { [Op.ne]: null } },
    order: [["first", "ASC"]],
    attributes: ["readings", "levels"],
  });

async function levelsOfChunk({ levels }: RecordingPart): Promise<Float32Array> {
  return levels ? new Float32Array(Uint8Array.from(await unpacked(levels, 4)).buffer) : new Float32Array(); // prettier-ignore
}

function joined(pieces: readonly Float32Array[]): Float32Array {
  const whole = new Float32Array(pieces.reduce((sum, { length }) => sum + length, 0));
  let from = 0;
  for (const piece of pieces) {
    whole.set(piece, from);
    from += piece.length;
  }
  return whole;
}

/**
 * Least and greatest at a level for the whole recording: 2 numbers a pair, one channel behind the other. The n-th pair
 * holds the readings from n · 8^(level + 1) on, the last one what has come of them.
 * @param level from the finest to the coarsest that is kept with a chunk.
 */
export async function levelOf(recording: Recording, level: number): Promise<Float32Array> {
  const { channels } = recording.description;
  const chunks = await chunksOf(recording);
  const kept = await Promise.all(chunks.map(levelsOfChunk));
  const tail = await numbersOfParts(recording, await tailOf(recording.id));
  return joined(
    channels.flatMap((_channel, at) => [
      ...chunks.map(({ readings }, i) => keptLevel(kept[i] ?? new Float32Array(), readings, level, at)),
      ...(tail.length > 0 ? [pairsAt(channelOf(tail, channels.length, at), level)] : []),
    ]),
  );
} // prettier-ignore

/** Whether a level is kept with chunks. */
export const isKeptLevel = (level: number): boolean =>
  Number.isInteger(level) && level >= finestKept && level <= coarsestKept;
