import { remembered } from "@/remembered/remembered";
import type { Inline, ReportCell, ReportHead, ReportTable } from "../report/report";
import type { SetLine } from "./setLine";
import { setLines } from "./setLines";
import { runInlines } from "./tokens";

/** Size of the type in a table that fits, in points. */
export const tableSize = 9;
/** Room at each side of what stands in a cell. */
export const padding = 6;

const endless = 1e6;

/** Words on one line, however long. */
export const oneLine = (inlines: readonly Inline[]): SetLine | undefined =>
  setLines(inlines, endless, tableSize, "sans")[0];

export const headInlines = ({ runs }: ReportHead) => runInlines(runs, true);

/** A letter that leads to a note. */
export const raised = (text: string): Inline => ({ kind: "text", text, marks: ["super"] });

/** What stands in a cell, set; its ± apart for it has an ink of its own. */
export interface SetCell {
  readonly value: SetLine | undefined;
  /** What is struck through of it. */
  readonly struck: SetLine | undefined;
  readonly bar: SetLine | undefined;
}

/** A cell's words, set once. */
export const setCell = remembered(({ runs, uncertainty, aside }: ReportCell): SetCell => ({
  value: oneLine([...runInlines(runs), ...(aside ? [raised(aside)] : [])]),
  struck: aside ? oneLine(runInlines(runs)) : undefined,
  bar: uncertainty ? oneLine([{ kind: "text", text: ` ${uncertainty}` }]) : undefined,
}));

function cellWidth(cell: ReportCell | undefined): number {
  if (!cell) return 0;
  const { value, bar } = setCell(cell);
  return (value?.width ?? 0) + (bar?.width ?? 0);
}

/** Widths of the columns, in points: as wide as what they hold, with the room beside it. */
export function columnWidths({ heads, groups }: ReportTable): readonly number[] {
  const last = heads.at(-1) ?? [];
  const widths = last.map((head, column) => {
    const under = head.uncertainty
      ? oneLine([{ kind: "text", text: head.uncertainty }])
      : undefined;
    let widest = Math.max(oneLine(headInlines(head))?.width ?? 0, under?.width ?? 0);
    for (const { rows } of groups) {
      for (const row of rows) widest = Math.max(widest, cellWidth(row[column]));
    }
    return widest + 2 * padding;
  });
  for (const line of heads.slice(0, -1)) {
    let at = 0;
    for (const head of line) {
      const have = widths.slice(at, at + head.span).reduce((sum, width) => sum + width, 0);
      const need = (oneLine(headInlines(head))?.width ?? 0) + 2 * padding;
      for (let i = at; i < at + head.span; i++) {
        widths[i] = (widths[i] as number) + Math.max(0, need - have) / head.span;
      }
      at += head.span;
    }
  }
  return widths;
}
