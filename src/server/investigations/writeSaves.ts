import { QueryTypes, type Transaction } from "sequelize";
import { models } from "../database/models";
import { liveChannel, noticeOfEdits } from "../live/channel";
import type { LoggedEdit } from "./editsSince";
import type { Outcome } from "./outcome";

/** The lines of the log that a save makes. */
function linesOf({ before, authorId, taken: { taken, replaced } }: Outcome) {
  const winners = new Set(replaced.map(({ won }) => won.id));
  return taken.map(({ id, act, patches, inverse, at, on, window, device }, index) => ({
    investigation_id: before.id, revision: before.revision + index + 1, id, author_id: authorId, act, patches, inverse,
    made_at: new Date(at).toISOString(), window_id: window, device_id: device, made_on: on, replaces: winners.has(id),
  }));
} // prettier-ignore

type Line = ReturnType<typeof linesOf>[number];

const loggedOf = ({ revision, id, act, patches, replaces }: Line): LoggedEdit =>
  replaces ? { revision, id, act, patches, replaces } : { revision, id, act, patches };

const columns = "investigation_id, revision, id, author_id, act, patches, inverse, made_at, window_id, device_id, made_on, replaces"; // prettier-ignore

/**
 * Moves sheets to their new revisions where they stand at the expected ones and nobody else holds them, logs the edits of
 * these and tells every process: one statement, so that either all of it is done or nothing.
 */
const writing = `with held as materialized (
    select i.id from investigations i join jsonb_to_recordset($2::jsonb) as n (id text, before int)
      on i.id = n.id and i.revision = n.before
      order by i.id for update of i skip locked
  ), moved as (
    update investigations i set revision = n.revision, title = n.title, letters = n.letters, updated_at = now()
      from jsonb_to_recordset($2::jsonb) as n (id text, before int, revision int, title text, letters int), held
      where i.id = n.id and i.id = held.id and i.revision = n.before
      returning i.id
  ), logged as (
    insert into edits (${columns})
      select ${columns} from jsonb_to_recordset($1::jsonb) as line (
        investigation_id text, revision int, id text, author_id text, act text, patches jsonb, inverse jsonb,
        made_at timestamptz, window_id text, device_id text, made_on int, replaces boolean)
      where investigation_id in (select id from moved)
  )
  select moved.id, pg_notify($3, told.notice)
    from moved join unnest($4::text[], $5::text[]) as told (id, notice) on told.id = moved.id`;

/**
 * Writes what saves of different sheets led to, where these stand at the revisions that the saves know.
 * @returns the edits as they stand in the log, by sheet; none of those that have moved on or are held by somebody else.
 */
export async function writeSaves(
  outcomes: readonly Outcome[],
  transaction?: Transaction,
): Promise<ReadonlyMap<string, readonly LoggedEdit[]>> {
  if (outcomes.length === 0) return new Map();
  const lines = outcomes.map(linesOf);
  const moves = outcomes.map(({ before, revision, taken: { document, letters } }) => ({
    id: before.id, before: before.revision, revision, title: document.title, letters,
  })); // prettier-ignore
  const logged = lines.map((own) => own.map(loggedOf));
  const ids = outcomes.map(({ before }) => before.id);
  const notices = outcomes.map(({ before }, at) =>
    noticeOfEdits(before.id, { before: before.revision, edits: logged[at] ?? [] }),
  );
  const moved = await models().sequelize.query<{ readonly id: string }>(writing, {
    bind: [JSON.stringify(lines.flat()), JSON.stringify(moves), liveChannel, ids, notices],
    transaction,
    type: QueryTypes.SELECT,
  });
  return new Map(moved.map(({ id }) => [id, logged[ids.indexOf(id)] ?? []]));
}
