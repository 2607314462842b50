import type { Reason } from "@/investigation/model/reason";
import type { Finding } from "@/core/finding/finding";
import type { EvaluatedTable } from "@/pipeline/table/table";
import type { MarkPlace } from "@/wording/markPlaces";
import type { StageId } from "@/wording/stages";

/** A pencil mark with the place it concerns. */
export interface WrittenMark {
  readonly key: string;
  /** The keys of all marks that it lists, its own among them: an answer holds for each. */
  readonly keys: readonly string[];
  /** The stage on which it waits. */
  readonly stage: StageId;
  /** The quantity's id. */
  readonly id: string;
  readonly place: MarkPlace;
  readonly finding: Finding;
  /** What is said of the finding, in the language of whoever looked. */
  readonly sentence: string;
  readonly table: string;
  readonly row?: number;
  readonly column: number;
  /** What can't be calculated with stays marked until it is mended. */
  readonly dismissable: boolean;
  /** Why it was rubbed out; undefined while it stands. */
  readonly answer: Reason | undefined;
}

/** Beyond so many rows looking at a quantity takes more than a moment. */
const manyRows = 1000;

/** How long after a change the looking begins, in ms: over many rows not at each key. */
export function lookAfter(tables: readonly EvaluatedTable[]): number {
  return tables.some(({ rows }) => rows.length > manyRows) ? 150 : 0;
}
