import { figureTexts } from "@/wording/figureTexts";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { reportTexts } from "@/wording/reportTexts";
import type { Investigation } from "@/investigation/model/investigation";
import { buildReport } from "@/output/report/buildReport";
import { liveValues } from "@/output/report/liveValues";
import type { Report } from "@/output/report/report";
import { reportContext } from "@/output/report/reportContext";
import type { Live } from "./LiveContext";

type Curves = Parameters<typeof reportContext>[1];

/** The report of an investigation, with what can be set into its text. */
export interface InHand {
  readonly report: Report;
  readonly live: Live;
}

function made(document: Investigation, curves: Curves): InHand {
  const context = reportContext(document, curves);
  const references = [...context.numbers].map(([to, number]) => ({
    to,
    text: inItsLanguage(context.rules, () =>
      (to.startsWith("figure:") ? figureTexts.number : reportTexts.tableNumber)({ number }),
    ).replace(" ", "\u00a0"),
  }));
  return {
    report: buildReport(context),
    live: { values: liveValues(context), references },
  };
}

let last: { document: Investigation; curves: Curves; inHand: InHand } | undefined;

/** The report as it is now: made once for as long as nothing changes, wherever it is asked for. */
export function reportInHand(document: Investigation, curves: Curves): InHand {
  if (last?.document !== document || last.curves !== curves) {
    last = { document, curves, inHand: made(document, curves) };
  }
  return last.inHand;
}
