import type { Overview } from "@/protocol/overview";
import { openExperiment } from "../benches/benchLists";
import { models } from "../database/models";
import { readAside, type Source } from "../database/replica";
import {
  keptGlances,
  overviewRow,
  rowsTogether,
  type WantedResult,
  wantedResult,
} from "./overviewRows";

/** An overview from what is kept of its sheets. */
export interface KeptOverview {
  readonly overview: Overview;
  /** Sheets that have changed since they were worked out. */
  readonly behind: readonly string[];
  readonly wanted: WantedResult;
}

/** The overview of an experiment from what is kept; undefined where the class has no such experiment. */
export const overviewNow = (
  experimentId: string,
  classId: string,
): Promise<KeptOverview | undefined> =>
  readAside((source) => readOverview(experimentId, classId, source));

async function readOverview(
  experimentId: string,
  classId: string,
  source: Source,
): Promise<KeptOverview | undefined> {
  const where = { id: experimentId, classId };
  const experiment = await models().Experiment.findOne({ where, ...source });
  if (!experiment) return undefined;
  const { title, benches } = await openExperiment(experimentId, classId, source);
  const sheets = benches.map(({ investigation }) => investigation);
  const kept = await keptGlances(sheets, source);
  const rows = benches.map((bench) => overviewRow(bench, kept.get(bench.investigation)));
  const wanted = wantedResult(experiment);
  const all = rowsTogether(rows, wanted);
  const behind = [...kept.values()].flatMap((one) => (one.behind ? [one.sheet] : []));
  const { shown, brief } = experiment;
  const overview = {
    title,
    shown,
    rows,
    ...(brief && { criteria: brief.criteria }),
    ...(all && { together: all }),
  };
  return { overview, behind, wanted };
}
