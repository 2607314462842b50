import type { Finding } from "@/core/finding/finding";
import type { LiveValue } from "../liveValues";
import type { ReportContext } from "../reportContext";

/** What the checks of a report look at. */
export interface ReportLooked {
  readonly context: ReportContext;
  readonly values: readonly LiveValue[];
}

/** A remark with the block that it concerns; "" for the report as a whole. */
export interface ReportRemark {
  readonly block: string;
  readonly finding: Finding;
}

/** Looks at a report; every check is a file of its own. */
export type ReportCheck = (looked: ReportLooked) => readonly ReportRemark[];
