import { freeze } from "immer";
import { documentVersion, type Investigation } from "@/investigation/model/investigation";
import { upgradeInvestigation } from "@/investigation/upgrades/upgrade";
import { LatestByName } from "@/remembered/latest";
import { benchSummary } from "./benchSummary";
import type { BenchSummary } from "./glance";
import { sharedWith } from "./sharedWith";

/** A sheet as it is stored, and the result that its experiment is after. */
export interface ToSummarise {
  readonly sheet: string;
  /** JSON of any version of the document. */
  readonly text: string;
  readonly wanted: string | undefined;
}

const mostSheets = 100;
/** Each sheet as it was the last time: what has not changed since need not be worked out again. */
const sheets = new LatestByName<Investigation>(mostSheets);

/** A stored sheet as the present code reads it; one of the present version was checked when it was saved. */
function readSheet(text: string): Investigation | undefined {
  const stored = JSON.parse(text) as Partial<Investigation> | null;
  if (stored?.version === documentVersion) return stored as Investigation;
  const upgraded = upgradeInvestigation(stored);
  return upgraded.kind === "document" ? upgraded.document : undefined;
}

/** What a class sees of a stored sheet at a glance; null where it can't be read. */
export function summaryOfStored({ sheet, text, wanted }: ToSummarise): BenchSummary | null {
  const found = readSheet(text);
  if (!found) return null;
  const document = freeze(sharedWith(sheets.of(sheet), found), true);
  return benchSummary(sheets.keep(sheet, document), wanted);
}
