import { numberIn } from "./describe";

/** Readings that follow each other, one list a channel; null for a lost one. */
export interface Piece {
  readonly first: number;
  readonly values: (number | null)[][];
}

/** What an answer holds: its readings in order, and how much of it could not be read. */
export interface ReadAnswer {
  readonly pieces: readonly Piece[];
  readonly rubbish: number;
  /** A number came again that was there before: it counts anew. */
  readonly beganAnew: boolean;
}

const told = (value: number) => (Number.isFinite(value) ? value : null);

/**
 * Reads "number, value, value, number, …" with so many values behind each number, from the number that is wanted next on.
 * A jump forward begins a new piece: what lies between is lost.
 */
export function readAnswer(answer: string, channels: number, wanted: number): ReadAnswer {
  const parts = answer === "" ? [] : answer.split(",");
  const pieces: Piece[] = [];
  let [next, rubbish, beganAnew] = [wanted, parts.length % (channels + 1) === 0 ? 0 : 1, false];
  for (let from = 0; from + channels < parts.length; from += channels + 1) {
    const [number = NaN, ...values] = parts.slice(from, from + channels + 1).map(numberIn);
    if (!Number.isInteger(number) || number < 0) {
      rubbish += 1;
      continue;
    }
    if (number < next) {
      beganAnew = true;
      continue;
    }
    const last = pieces.at(-1);
    const piece = last && number === next ? last : { first: number, values: values.map(() => []) };
    if (piece !== last) pieces.push(piece);
    values.forEach((value, at) => piece.values[at]?.push(told(value)));
    next = number + 1;
  }
  return { pieces, rubbish, beganAnew };
}
