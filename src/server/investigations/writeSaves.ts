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
  const asked = "select unnest(write_saves($1, $2, $3, $4, $5)) as id";
  const moved = await models().sequelize.query<{ readonly id: string }>(asked, {
    bind: [JSON.stringify(lines.flat()), JSON.stringify(moves), liveChannel, ids, notices],
    transaction,
    type: QueryTypes.SELECT,
  });
  return new Map(moved.map(({ id }) => [id, logged[ids.indexOf(id)] ?? []]));
}
