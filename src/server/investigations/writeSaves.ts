import { QueryTypes, type Transaction } from "sequelize";
import { models } from "../database/models";
import { keepState } from "../history/keptStates";
import { liveChannel, noticeOfEdits } from "../live/channel";
import type { LoggedEdit } from "./editsSince";
import type { HeldSheet } from "./heldSheets";
import { tellReplaced } from "./replacements";
import { isBehindTooFar, writeSnapshot } from "./snapshots";
import type { Taken } from "./takeEdits";

/** What a save leads to, before it is written. */
export interface Outcome {
  readonly sheet: HeldSheet;
  readonly authorId: string;
  readonly taken: Taken;
  /** Whether the row's document has to be written with it: it is of an older version, or the database itself reads what has changed. */
  readonly whole: boolean;
}

/** The lines of the log that a save makes. */
function linesOf({ sheet, authorId, taken: { taken, replaced } }: Outcome) {
  const winners = new Set(replaced.map(({ won }) => won.id));
  return taken.map(({ id, act, patches, inverse, at, on, window, device }, index) => ({
    investigation_id: sheet.id, revision: sheet.revision + index + 1, id, author_id: authorId, act, patches, inverse,
    made_at: new Date(at).toISOString(), window_id: window, device_id: device, made_on: on, replaces: winners.has(id),
  }));
} // prettier-ignore

type Line = ReturnType<typeof linesOf>[number];

const loggedOf = ({ revision, id, act, patches, replaces }: Line): LoggedEdit =>
  replaces ? { revision, id, act, patches, replaces } : { revision, id, act, patches };

const columns = "investigation_id, revision, id, author_id, act, patches, inverse, made_at, window_id, device_id, made_on, replaces"; // prettier-ignore

/** Logs edits of many sheets, moves these to their new revisions and tells every process: one statement. */
const writing = `with logged as (
    insert into edits (${columns})
      select ${columns} from jsonb_to_recordset($1::jsonb) as line (
        investigation_id text, revision int, id text, author_id text, act text, patches jsonb, inverse jsonb,
        made_at timestamptz, window_id text, device_id text, made_on int, replaces boolean)
  ), moved as (
    update investigations i set revision = n.revision, title = n.title, letters = n.letters, updated_at = now()
      from jsonb_to_recordset($2::jsonb) as n (id text, revision int, title text, letters int) where i.id = n.id
  )
  select pg_notify($3, notice) from unnest($4::text[]) as notice`;

/** Writes what saves led to; the edits of each as they stand in the log. */
export async function writeSaves(
  outcomes: readonly Outcome[],
  transaction: Transaction,
): Promise<ReadonlyMap<string, readonly LoggedEdit[]>> {
  const written = outcomes.filter(({ taken }) => taken.taken.length > 0);
  if (written.length === 0) return new Map();
  const lines = written.map((one) => ({ one, lines: linesOf(one) }));
  const moved = written.map(({ sheet, taken: { taken, document, letters } }) => ({
    id: sheet.id, revision: sheet.revision + taken.length, title: document.title, letters,
  })); // prettier-ignore
  const edits = new Map(lines.map(({ one, lines: own }) => [one.sheet.id, own.map(loggedOf)]));
  const notices = written.map(({ sheet: { id, revision } }) =>
    noticeOfEdits(id, { before: revision, edits: edits.get(id) ?? [] }),
  );
  const all = JSON.stringify(lines.flatMap((each) => each.lines));
  await models().sequelize.query(writing, {
    bind: [all, JSON.stringify(moved), liveChannel, notices],
    transaction,
    type: QueryTypes.SELECT,
  });
  for (const one of written) await writeBeside(one, transaction);
  return edits;
}

/** What some saves write besides: their document, a kept state, and who is told what was replaced. */
async function writeBeside(
  { sheet, authorId, taken: { taken, document, replaced }, whole }: Outcome,
  transaction: Transaction,
): Promise<void> {
  const revision = sheet.revision + taken.length;
  const state = { id: sheet.id, document, revision };
  if (whole) await writeSnapshot(state, transaction);
  await keepState(sheet.id, sheet.revision, state, transaction);
  await tellReplaced(sheet.id, authorId, replaced, transaction);
}

/** Whether a save leaves the row's document so far behind that it should be written soon. */
export function leavesBehind({ sheet, taken: { taken }, whole }: Outcome): boolean {
  return !whole && isBehindTooFar(sheet.revision + taken.length - sheet.documentRevision, taken);
}
