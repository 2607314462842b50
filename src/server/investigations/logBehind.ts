import { QueryTypes, type Transaction } from "sequelize";
import type { SentEdit } from "@/protocol/saving";
import { models } from "../database/models";
import type { HeldSheet } from "./heldSheets";
import type { Meanwhile } from "./replacedWork";

/** What the log says behind what somebody knew who saves. */
export interface Behind {
  /** The edits that are there already, of whatever save. */
  readonly known: ReadonlySet<string>;
  readonly meanwhile: readonly Meanwhile[];
}

const nothing: Behind = { known: new Set(), meanwhile: [] };

interface Row extends Omit<Meanwhile, "authorId" | "window" | "device"> {
  readonly sheet: string;
  readonly id: string;
  readonly authorId: string | null;
  readonly window: string | null;
  readonly device: string | null;
}

interface Asked {
  readonly sheet: HeldSheet;
  readonly since: number;
  readonly edits: readonly SentEdit[];
}

/** The oldest revision on which a save was made. */
const oldestOf = ({ sheet, since, edits }: Asked) =>
  edits.reduce((least, { on }) => Math.min(least, on), Math.min(since, sheet.revision));

/**
 * Reads the log behind each save's oldest revision, for all of them at once. What was made on the newest revision finds
 * nothing there: an edit that was logged before stands behind the revision it was made on.
 */
export async function logBehind(
  saves: readonly Asked[],
  transaction: Transaction,
): Promise<ReadonlyMap<string, Behind>> {
  const asked = saves
    .map((save) => ({ id: save.sheet.id, oldest: oldestOf(save), newest: save.sheet.revision }))
    .filter(({ oldest, newest }) => oldest < newest);
  const behind = new Map(saves.map(({ sheet }) => [sheet.id, nothing]));
  if (asked.length === 0) return behind;
  const rows = await models().sequelize.query<Row>(
    `select e.investigation_id as sheet, e.revision, e.id, e.author_id as "authorId", e.window_id as window,
       e.device_id as device, e.patches
     from unnest($1::text[], $2::int[]) as asked (sheet, oldest)
       join edits e on e.investigation_id = asked.sheet and e.revision > asked.oldest
     order by e.revision`,
    {
      bind: [asked.map(({ id }) => id), asked.map(({ oldest }) => oldest)],
      transaction,
      type: QueryTypes.SELECT,
    },
  );
  for (const { id } of asked) {
    const own = rows.filter(({ sheet }) => sheet === id);
    behind.set(id, {
      known: new Set(own.map((edit) => edit.id)),
      meanwhile: own.map(({ revision, authorId, window, device, patches }) => ({
        revision,
        authorId: authorId ?? "",
        window: window ?? "",
        device: device ?? "",
        patches,
      })),
    });
  }
  return behind;
}
