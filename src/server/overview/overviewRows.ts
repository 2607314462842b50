import { QueryTypes } from "sequelize";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import type { StageId } from "@/investigation/model/stage";
import { type BenchSummary, summaryVersion } from "@/overview/glance";
import { type OfBench, type Sought, together, type Together } from "@/overview/together";
import type { SeatedBench } from "@/protocol/classes";
import type { OverviewRow } from "@/protocol/overview";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import { models } from "../database/models";
import { fromDatabase, type Source } from "../database/replica";
import type { Experiment } from "../database/models/experiment";

/** What is kept of a sheet at a glance. */
export interface KeptGlance {
  readonly sheet: string;
  readonly summary: BenchSummary | null;
  readonly stage: StageId | null;
  readonly revision: number | null;
  /** Null where nothing was done yet. */
  readonly changedAt: Date | null;
  /** Whether the sheet has changed since. */
  readonly behind: boolean;
}

/** What is kept of sheets at a glance, by sheet. */
export async function keptGlances(
  sheets: readonly string[],
  source: Source = fromDatabase,
): Promise<ReadonlyMap<string, KeptGlance>> {
  if (sheets.length === 0) return new Map();
  const found = await models().sequelize.query<KeptGlance>(
    `select i.id as sheet, s.summary, s.stage, s.revision, case when i.revision > 0 then i.updated_at end as "changedAt",
       (s.revision is null or s.revision < i.revision or s.version <> :version) as behind
     from investigations i left join bench_summaries s on s.investigation_id = i.id
     where i.id in (:sheets)`,
    { ...source, replacements: { sheets, version: summaryVersion }, type: QueryTypes.SELECT },
  );
  return new Map(found.map((one) => [one.sheet, one]));
}

type Seated = Pick<
  SeatedBench,
  "id" | "number" | "investigation" | "people" | "handing" | "changedAt"
>;

/** A bench of the overview, from who sits there and what is kept of its sheet. */
export function overviewRow(bench: Seated, kept: KeptGlance | undefined): OverviewRow {
  const { id, number, investigation, people, handing, changedAt } = bench;
  const { stage, summary, revision } = kept ?? {};
  const at = kept?.changedAt?.toISOString() ?? changedAt;
  return {
    id,
    number,
    investigation,
    people,
    ...(stage && { stage }),
    ...(at && { changedAt: at }),
    ...(handing && { handing }),
    ...(summary && { glance: summary }),
    ...(revision && revision > 0 && { revision }),
  };
}

/** What an experiment is after: which result, how its pattern states it, and under which house rules. */
export interface WantedResult extends Sought {
  readonly id: string | undefined;
  readonly rules: Investigation["houseRules"];
}

/** What an experiment is after, as its pattern says; the first of its results. */
export function wantedResult({ pattern, brief }: Pick<Experiment, "pattern" | "brief">): WantedResult {
  const upgraded = upgradeInvestigation(pattern);
  if (upgraded.kind !== "document") throw new Error("the pattern of an experiment can't be read");
  const { results, houseRules: rules } = upgraded.document;
  const [first] = inOrder(results);
  if (!first) return { id: undefined, unit: "", rules };
  const [id, { unit, accepted }] = first;
  const held = brief?.values[id] ?? accepted;
  return { id, unit, rules, ...(held.value.trim() !== "" && { accepted: held }) };
} // prettier-ignore

/** What the results on the rows say together. */
export function rowsTogether(
  rows: readonly OverviewRow[],
  wanted: WantedResult,
): Together | undefined {
  const results = rows.flatMap(({ number, glance }): OfBench[] =>
    glance?.result ? [{ number, result: glance.result }] : [],
  );
  return together(results, wanted, wanted.rules);
}
