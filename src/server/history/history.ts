import type { Patch } from "immer";
import { Op, type WhereOptions, literal } from "sequelize";
import type { HistoryEntry, HistoryPage } from "@/protocol/history";
import { models } from "../database/models";
import type { StoredEdit } from "../database/models/storedEdit";
import { foldedTo } from "./folding";

const entriesOfPage = 100;
const told = ["revision", "act", "madeAt", "authorId", "patches"];
/** Longer ones are told without what they did: a paste of thousands is named, not listed. */
const lettersOfEntry = 20_000;

/** One reading, by its row and its cell. */
export interface ReadingPlace {
  readonly row: string;
  readonly cell: string;
}

function shortened(patches: readonly Patch[]): readonly Patch[] {
  return JSON.stringify(patches).length > lettersOfEntry ? [] : patches;
}

/** The revisions among some that are folded and were not kept. */
async function foldedOf(investigationId: string, revisions: readonly number[]) {
  const upTo = await foldedTo(investigationId);
  const old = revisions.filter((revision) => revision < upTo);
  if (old.length === 0) return new Set<number>();
  const where = { investigationId, revision: old };
  const kept = await models().KeptState.findAll({ where, attributes: ["revision"] });
  const there = new Set(kept.map(({ revision }) => revision));
  return new Set(old.filter((revision) => !there.has(revision)));
}

async function entriesOf(
  investigationId: string,
  edits: readonly StoredEdit[],
): Promise<HistoryEntry[]> {
  const folded = await foldedOf(
    investigationId,
    edits.map(({ revision }) => revision),
  );
  const ids = [...new Set(edits.flatMap(({ authorId }) => authorId ?? []))];
  const people = await models().Person.findAll({ where: { id: ids }, attributes: ["id", "name"] });
  const names = new Map(people.map(({ id, name }) => [id, name]));
  return edits.map(({ revision, act, madeAt, authorId, patches }) => {
    const by = names.get(authorId ?? "");
    const what = { revision, act, at: madeAt.toISOString(), patches: shortened(patches) };
    return {
      ...what,
      ...(by !== undefined && { by }),
      ...(folded.has(revision) && { folded: true }),
    };
  });
}

/** What was done, the newest first, a page at a time. @param before only what was before that revision. */
export async function historyOf(investigationId: string, before?: number): Promise<HistoryPage> {
  const earlier = before === undefined ? {} : { revision: { [Op.lt]: before } };
  const found = await models().StoredEdit.findAll({
    where: { investigationId, ...earlier },
    attributes: told,
    order: [["revision", "DESC"]],
    limit: entriesOfPage + 1,
  });
  const entries = await entriesOf(investigationId, found.slice(0, entriesOfPage));
  return { entries, more: found.length > entriesOfPage };
}

/** What led to a revision; undefined for the first state. */
export async function entryOf(
  investigationId: string,
  revision: number,
): Promise<HistoryEntry | undefined> {
  const found = await models().StoredEdit.findAll({
    where: { investigationId, revision },
    attributes: told,
  });
  return (await entriesOf(investigationId, found))[0];
}

/** Whether a patch wrote the reading, by itself or with its whole row. */
function writes({ path, value }: Patch, { row, cell }: ReadingPlace): boolean {
  const [section, id, part, at] = path;
  if (section !== "rows" || id !== row) return false;
  if (path.length === 4) return part === "readings" && at === cell;
  const readings = (value as { readings?: Record<string, string> } | undefined)?.readings;
  return path.length === 2 && readings?.[cell] !== undefined;
}

/** Every typing of one reading, the newest first. */
export async function readingHistory(
  investigationId: string,
  place: ReadingPlace,
): Promise<HistoryEntry[]> {
  const ofRow = models().sequelize.escape(JSON.stringify([{ path: ["rows", place.row] }]));
  const where: WhereOptions<StoredEdit> = {
    investigationId,
    [Op.and]: [literal(`patches @> ${ofRow}::jsonb`)],
  };
  const found = await models().StoredEdit.findAll({ where, order: [["revision", "DESC"]] });
  const own = found.filter(({ patches }) => patches.some((patch) => writes(patch, place)));
  const entries = await entriesOf(investigationId, own);
  return entries.map((entry, i) => ({
    ...entry,
    patches: (own[i]?.patches ?? []).filter((patch) => writes(patch, place)).slice(-1),
  }));
}
