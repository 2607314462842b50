import { liveValues } from "../liveValues";
import type { ReportContext } from "../reportContext";
import { asideWithoutReason } from "./asideWithoutReason";
import { deadNumber } from "./deadNumber";
import { missingExample } from "./missingExample";
import { promptLeft } from "./promptLeft";
import type { ReportCheck, ReportRemark } from "./reportCheck";
import { unlikeResult } from "./unlikeResult";
import { unreferredFigure } from "./unreferredFigure";

const checks: readonly ReportCheck[] = [
  ...[missingExample, unreferredFigure, asideWithoutReason, unlikeResult, deadNumber, promptLeft],
];

/** What a strict reader would say of a report; nothing while there is none. */
export function checkReport(context: ReportContext): readonly ReportRemark[] {
  if (Object.keys(context.document.writeUp.blocks).length === 0) return [];
  const values = liveValues(context);
  return checks.flatMap((check) => check({ context, values }));
}
