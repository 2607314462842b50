import { cleanTexts } from "@/core/text/cleanText";
import { documentVersion, type Investigation } from "../model/investigation";
import { validateInvestigation } from "../model/schema";
import { briefs } from "./briefs";
import { curvesAndTheory } from "./curvesAndTheory";
import { figuresAndExamples } from "./figuresAndExamples";
import { mendedOrders } from "./mendedOrders";
import { looksOfSeries } from "./looksOfSeries";
import { languageOfReport } from "./languageOfReport";
import { linesOfEach } from "./linesOfEach";
import { linesByHand } from "./linesByHand";
import { resultsAndWriteUp } from "./resultsAndWriteUp";
import { seriesByIdentity } from "./seriesByIdentity";
import { oneOfSeveral } from "./oneOfSeveral";
import { reasonsAndSections } from "./reasonsAndSections";
import { recordings } from "./recordings";
import { repeatsAndTables } from "./repeatsAndTables";
import type { UpgradeStep } from "./upgradeStep";

/** Every step that there is, in order. Each has its stored before and after beside it. */
export const upgradeSteps: readonly UpgradeStep[] = [
  ...[repeatsAndTables, figuresAndExamples, linesByHand, curvesAndTheory, resultsAndWriteUp],
  ...[seriesByIdentity, looksOfSeries, briefs, linesOfEach, recordings, oneOfSeveral],
  ...[reasonsAndSections, languageOfReport],
];

export type Upgraded =
  | { readonly kind: "document"; readonly document: Investigation }
  | { readonly kind: "too-new"; readonly version: number }
  | { readonly kind: "malformed"; readonly reason: string };

function versionOf(document: unknown): number | undefined {
  const version = (document as { version?: unknown } | null)?.version;
  return typeof version === "number" ? version : undefined;
}

/** Brings a stored or imported document of any earlier version to the present one and checks it. */
export function upgradeInvestigation(
  stored: unknown,
  steps: readonly UpgradeStep[] = upgradeSteps,
  target: number = documentVersion,
): Upgraded {
  const version = versionOf(stored);
  if (version === undefined) return { kind: "malformed", reason: "it has no version" };
  if (version > target) return { kind: "too-new", version };
  let document = stored as Record<string, unknown>;
  for (let at = version; at < target; at++) {
    const step = steps.find((candidate) => candidate.from === at);
    if (!step) return { kind: "malformed", reason: `there is no step from version ${at}` };
    document = { ...step.upgrade(document), version: at + 1 };
  }
  if (target !== documentVersion) return { kind: "document", document: document as never };
  const checked = validateInvestigation(mendedOrders(cleanTexts(document)));
  return checked.valid
    ? { kind: "document", document: checked.document }
    : { kind: "malformed", reason: checked.reason };
}
