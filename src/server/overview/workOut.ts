import { QueryTypes } from "sequelize";
import { summaryVersion } from "@/overview/glance";
import { models } from "../database/models";
import { inHand } from "../investigations/documentsInHand";
import { wholeDocument } from "../investigations/wholeDocument";
import { summarise } from "./summarise";
import { keepSummary, type Taken, takeInHand } from "./summaryRows";

interface Stored {
  readonly text: string;
  readonly documentRevision: number;
  readonly revision: number;
}

/** A sheet as it is stored, at its newest revision, which may be a later one than what was taken in hand. */
async function stored(sheet: string): Promise<Stored | undefined> {
  const [found] = await models().sequelize.query<Stored>(
    `select document::text as text, revision, document_revision as "documentRevision"
     from investigations where id = :sheet`,
    { replacements: { sheet }, type: QueryTypes.SELECT },
  );
  if (!found || found.documentRevision === found.revision) return found;
  const snapshot = { ...found, id: sheet, document: JSON.parse(found.text) as unknown };
  return { ...found, text: JSON.stringify(await wholeDocument(snapshot)) };
}

/** The text of a sheet that was taken in hand: as this process knows it, or as it is stored. */
async function textOf({ sheet, revision }: Taken): Promise<string | undefined> {
  const known = inHand(sheet);
  if (known?.revision === revision) return JSON.stringify(known.held.document);
  return (await stored(sheet))?.text;
}

/** Whether what is kept of a sheet is of its newest revision. */
async function isCurrent(sheet: string): Promise<boolean> {
  const found = await models().sequelize.query(
    `select 1 from investigations i left join bench_summaries s on s.investigation_id = i.id
     where i.id = :sheet and (s.revision is null or s.revision < i.revision or s.version <> :version)`,
    { replacements: { sheet, version: summaryVersion }, type: QueryTypes.SELECT },
  );
  return found.length === 0;
}

/** What became of the working out: done here, nothing to do, or another server is at it. */
export type WorkedOut = "done" | "current" | "elsewhere";

/** Works out what a class sees of a sheet, as it was taken in hand or newer, keeps it and tells every server. */
export async function workOut(sheet: string, wanted: string | undefined): Promise<WorkedOut> {
  const taken = await takeInHand(sheet);
  if (!taken) return (await isCurrent(sheet)) ? "current" : "elsewhere";
  const text = await textOf(taken);
  if (text === undefined) return "current";
  await keepSummary({ ...taken, summary: await summarise({ sheet, text, wanted }) });
  return "done";
}
