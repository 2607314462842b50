import { removeRows } from "@/investigation/acts/removeRows";
import { perform } from "@/investigation/history/edit";
import { briefOfBench, emptyBrief } from "@/investigation/model/brief";
import type { Investigation } from "@/investigation/model/investigation";
import type { AcceptedValue, Result } from "@/investigation/model/result";
import type { GivenBrief } from "@/protocol/briefs";

const nothing: AcceptedValue = { value: "", uncertainty: "", source: "" };

/** What results are held against, where anything is. */
function valuesOf(results: Readonly<Record<string, Result>>): Record<string, AcceptedValue> {
  const known = Object.entries(results).filter(([, { accepted }]) => accepted.value.trim() !== "");
  return Object.fromEntries(known.map(([id, { accepted }]) => [id, { ...accepted }]));
}

const withoutValues = (results: Readonly<Record<string, Result>>): Record<string, Result> =>
  Object.fromEntries(
    Object.entries(results).map(([id, result]) => [id, { ...result, accepted: { ...nothing } }]),
  );

/** What becomes of an investigation that is given out. */
export interface ToGive {
  /** What each bench begins with. */
  readonly pattern: Investigation;
  /** What stays with the experiment; null where the investigation is no brief. */
  readonly brief: GivenBrief | null;
}

/**
 * Parts an investigation into what each bench begins with and what stays with the experiment: all that was settled, none
 * of the readings and not who wrote it. What a bench may see only later is in no sheet.
 */
export function toGive(document: Investigation, title: string): ToGive {
  const { document: bare } = perform(document, removeRows, { rows: Object.keys(document.rows) });
  const pattern = { ...bare, title, writeUp: { ...bare.writeUp, authors: "" } };
  const { brief } = document;
  if (!brief) return { pattern, brief: null };
  const { introduction, words, criteria, accepted, insists, copies } = brief;
  const values = valuesOf(document.results);
  const results = accepted === "always" ? bare.results : withoutValues(bare.results);
  return {
    pattern: { ...pattern, results, brief: briefOfBench(brief) },
    brief: { introduction, words, criteria, accepted, insists, copies, values },
  };
}

/** What stands with an experiment of which nothing was said yet. */
export function plainGiven(): GivenBrief {
  const { introduction, words, criteria, accepted, insists, copies } = emptyBrief();
  return { introduction, words, criteria, accepted, insists, copies, values: {} };
}
