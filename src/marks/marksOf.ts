import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import type { ReportContext } from "@/output/report/reportContext";
import { atOnce } from "@/pipeline/readings/steps";
import { checkFigures, figureMarks, type NumberedFigure } from "./figureMarks";
import type { WrittenMark } from "./mark";
import { checkAll, readingMarks } from "./readingMarks";
import { checkedReport, reportMarks } from "./reportMarks";

function numbered(figures: Investigation["figures"]): readonly NumberedFigure[] {
  return inOrder(figures).map(([id, figure], index) => ({ id, figure, number: index + 1 }));
}

/** Every pencil mark of an investigation at once, those that were answered among them: for one that is not open on a page. */
export function marksOf(context: ReportContext): readonly WrittenMark[] {
  const { document, tables, curves, rules } = context;
  const { dismissed, figures } = document;
  const looked = checkFigures(numbered(figures), tables, curves, rules);
  return [
    ...readingMarks(atOnce(checkAll(tables, rules, document.brief?.asked)), dismissed),
    ...figureMarks(atOnce(looked), dismissed),
    ...reportMarks(checkedReport(context), dismissed),
  ];
}
