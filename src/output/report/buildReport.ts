import { untitled } from "@/wording/untitled";
import { inOrder } from "@/investigation/model/order";
import { remembered } from "@/remembered/remembered";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { reportBlock } from "./blockNodes";
import { liveValues } from "./liveValues";
import type { Report } from "./report";
import type { ReportContext } from "./reportContext";

/** The report of an investigation: every block with what it shows now. Made once as long as the context stays. */
export const buildReport = remembered((context: ReportContext): Report =>
  inItsLanguage(context.rules, () => built(context)),
);

function built(context: ReportContext): Report {
  const { document } = context;
  const values = liveValues(context);
  const blocks = inOrder(document.writeUp.blocks).map(([id, block]) =>
    reportBlock(id, block, values, context),
  );
  const { paper, authors } = document.writeUp;
  const { language } = context.rules;
  return { title: document.title || untitled(), authors, paper, language, blocks };
}
