import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import { benchSummary } from "./benchSummary";
import type { BenchSummary } from "./glance";

/** A sheet as it is stored, and the result that its experiment is after. */
export interface ToSummarise {
  /** JSON of any version of the document. */
  readonly text: string;
  readonly wanted: string | undefined;
}

/** What a class sees of a stored sheet at a glance; null where it can't be read. */
export function summaryOfStored({ text, wanted }: ToSummarise): BenchSummary | null {
  const upgraded = upgradeInvestigation(JSON.parse(text));
  return upgraded.kind === "document" ? benchSummary(upgraded.document, wanted) : null;
}
