import { QueryTypes } from "sequelize";
import { type BenchSummary, summaryVersion } from "@/overview/glance";
import { stageOfAct } from "@/overview/stageOfAct";
import { models } from "../database/models";
import { liveChannel, summaryKey } from "../live/channel";
import { Together } from "../requests/together";

/** A server that took a sheet in hand and says nothing for so long is gone. */
const goneAfter = "10 seconds";

/** A sheet that this server is to work out. */
export interface Taken {
  readonly sheet: string;
  readonly revision: number;
  /** The stage on which somebody did something last. */
  readonly stage: string | null;
}

/** Rows are held in the order of their sheets everywhere, so that no two servers wait for each other. */
const taking = `with taken as (
    insert into bench_summaries as s (investigation_id, taken_revision, taken_at)
      select id, revision, now() from investigations where id = any($1::text[]) order by id
    on conflict (investigation_id) do update set taken_revision = excluded.taken_revision, taken_at = now()
      where (s.revision < excluded.taken_revision or s.version <> $2)
        and (s.taken_revision < excluded.taken_revision or s.taken_at < now() - interval '${goneAfter}')
    returning investigation_id, taken_revision
  )
  select investigation_id as sheet, taken_revision as revision,
    (select e.act from edits e where e.investigation_id = taken.investigation_id
       and e.revision <= taken.taken_revision and e.act = any($3::text[])
     order by e.revision desc limit 1) as act
  from taken`;

type TakenRow = Omit<Taken, "stage"> & { readonly act: string | null };

async function takeAll(sheets: readonly string[]): Promise<readonly (Taken | undefined)[]> {
  const rows = await models().sequelize.query<TakenRow>(taking, {
    bind: [[...new Set(sheets)], summaryVersion, [...stageOfAct.keys()]],
    type: QueryTypes.SELECT,
  });
  const taken = new Map(
    rows.map(({ sheet, revision, act }) => [
      sheet,
      { sheet, revision, stage: stageOfAct.get(act ?? "") ?? null },
    ]),
  );
  // Whoever asks for the same sheet a second time finds that it is in hand.
  return sheets.map((sheet, at) => (sheets.indexOf(sheet) === at ? taken.get(sheet) : undefined));
}

const takes = new Together(takeAll);

/** Takes the newest revision of a sheet in hand, where no other server has it and it is not worked out yet. */
export const takeInHand = (sheet: string): Promise<Taken | undefined> => takes.ask(sheet);

interface Worked extends Taken {
  /** Null where the sheet can't be read. */
  readonly summary: BenchSummary | null;
}

const keeping = `with worked as (
    select * from jsonb_to_recordset($1::jsonb)
      as w (sheet text, revision int, stage text, summary jsonb, notice text)
  ), held as materialized (
    select s.investigation_id from bench_summaries s join worked w on w.sheet = s.investigation_id
      order by s.investigation_id for update of s
  ), kept as (
    update bench_summaries s
      set revision = w.revision, version = $2, summary = w.summary, stage = w.stage
      from worked w, held
      where s.investigation_id = w.sheet and held.investigation_id = w.sheet
        and (s.revision < w.revision or s.version <> $2)
      returning s.investigation_id
  )
  select pg_notify($3, w.notice) from worked w`;

async function keepAll(all: readonly Worked[]): Promise<readonly undefined[]> {
  const rows = all.map((one) => ({
    ...one,
    notice: JSON.stringify({ key: summaryKey(one.sheet) }),
  }));
  await models().sequelize.query(keeping, {
    bind: [JSON.stringify(rows), summaryVersion, liveChannel],
  });
  return all.map(() => undefined);
}

const keeps = new Together(keepAll);

/** Keeps what was worked out of a sheet, and tells every server. */
export const keepSummary = (worked: Worked): Promise<undefined> => keeps.ask(worked);
