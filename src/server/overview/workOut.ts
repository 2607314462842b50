import { QueryTypes } from "sequelize";
import type { BenchSummary } from "@/overview/glance";
import { summaryVersion } from "@/overview/glance";
import { stageOfAct } from "@/overview/stageOfAct";
import { models } from "../database/models";
import { announceSummary } from "../live/channel";
import { wholeDocument } from "../investigations/wholeDocument";
import { summarise } from "./summarise";

/** A server that took a sheet in hand and says nothing for so long is gone. */
const goneAfter = "10 seconds";

/** Takes the newest revision of a sheet in hand, where no other server has it and it is not worked out yet. */
async function takeInHand(sheet: string): Promise<boolean> {
  const taken = await models().sequelize.query(
    `insert into bench_summaries as s (investigation_id, taken_revision, taken_at)
       select id, revision, now() from investigations where id = :sheet
     on conflict (investigation_id) do update set taken_revision = excluded.taken_revision, taken_at = now()
       where (s.revision < excluded.taken_revision or s.version <> :version)
         and (s.taken_revision < excluded.taken_revision or s.taken_at < now() - interval '${goneAfter}')
     returning investigation_id`,
    { replacements: { sheet, version: summaryVersion }, type: QueryTypes.SELECT },
  );
  return taken.length > 0;
}

interface Found {
  readonly text: string;
  readonly documentRevision: number;
  readonly revision: number;
  readonly act: string | null;
}

/** The newest state of a sheet, and the last act that says on which stage its people are. */
async function newest(sheet: string): Promise<Found | undefined> {
  const [found] = await models().sequelize.query<Found>(
    `select i.document::text as text, i.revision, i.document_revision as "documentRevision",
       (select e.act from edits e where e.investigation_id = i.id and e.act in (:acts)
        order by e.revision desc limit 1) as act
     from investigations i where i.id = :sheet`,
    { replacements: { sheet, acts: [...stageOfAct.keys()] }, type: QueryTypes.SELECT },
  );
  if (!found || found.documentRevision === found.revision) return found;
  const snapshot = { ...found, id: sheet, document: JSON.parse(found.text) as unknown };
  return { ...found, text: JSON.stringify(await wholeDocument(snapshot)) };
}

async function keep(sheet: string, { revision, act }: Found, summary: BenchSummary | null) {
  const { sequelize } = models();
  const stage = stageOfAct.get(act ?? "") ?? null;
  const worked = { sheet, revision, stage, version: summaryVersion };
  await sequelize.transaction(async (transaction) => {
    await sequelize.query(
      `update bench_summaries set revision = :revision, version = :version, summary = :summary, stage = :stage
       where investigation_id = :sheet and (revision < :revision or version <> :version)`,
      { replacements: { ...worked, summary: summary && JSON.stringify(summary) }, transaction },
    );
    await announceSummary(sheet, transaction);
  });
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

/** Works out what a class sees of a sheet at its newest revision, keeps it and tells every server. */
export async function workOut(sheet: string, wanted: string | undefined): Promise<WorkedOut> {
  if (!(await takeInHand(sheet))) return (await isCurrent(sheet)) ? "current" : "elsewhere";
  const found = await newest(sheet);
  if (!found) return "current";
  await keep(sheet, found, await summarise({ sheet, text: found.text, wanted }));
  return "done";
}
