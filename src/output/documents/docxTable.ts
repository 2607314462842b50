import {
  AlignmentType,
  BorderStyle,
  type ParagraphChild,
  Paragraph,
  Table,
  TableCell,
  TableLayoutType,
  TableRow,
  TextRun,
} from "docx";
import type { RunText } from "@/core/unit/runText";
import { columnWidths, type TableRoom } from "../report/fittedTable";
import type { ReportCell, ReportHead, ReportTable } from "../report/report";

const magenta = "B3206A";
const twipsPerPoint = 20;
/** Room beside the words of a column, and for letters that are wider than those that were measured. */
const columnGap = 12;
const spare = 1.12;

/** What a table of a word processor has room in: sizes with room to spare for other fonts. */
export function docxRoom(upright: number, turned: number): TableRoom {
  return {
    ...{ upright: upright / spare, turned: turned / spare, sizes: [9, 8, 7] },
    gap: columnGap,
  };
}

/** Widths of columns at the size 1. */
export const docxWidths = (table: ReportTable) =>
  columnWidths(table, { face: "serif", barBelow: true });

const none = { style: BorderStyle.NONE, size: 0, color: "auto" } as const;
const thick = { style: BorderStyle.SINGLE, size: 8, color: "000000" } as const;
const thin = { style: BorderStyle.SINGLE, size: 4, color: "000000" } as const;

/** Runs with their slant and height. */
export function docxRuns(
  runs: RunText,
  look: { readonly bold?: boolean; readonly size?: number; readonly strike?: boolean } = {},
): TextRun[] {
  return runs.map(
    ({ text, italic, script }) =>
      new TextRun({
        ...{ text, ...look },
        ...(italic && { italics: true }),
        ...(script === "super" && { superScript: true }),
        ...(script === "sub" && { subScript: true }),
      }),
  );
}

/** A table of more rows may be broken over pages. */
const mostWhole = 24;

type Alignment = "right" | "center" | "left";

/** A line in a cell; one that is kept stands on the page of the row below. */
function paragraph(children: readonly ParagraphChild[], alignment: Alignment, keepNext = true) {
  const spacing = { before: 10, after: 10 };
  return new Paragraph({
    ...{ children: [...children], spacing, keepNext },
    alignment: { right: AlignmentType.RIGHT, center: AlignmentType.CENTER, left: AlignmentType.LEFT }[alignment], // prettier-ignore
  });
}

/** Cells are set in a size of half points. */
function headCell(
  { runs, uncertainty, span }: ReportHead,
  { size, first, last }: { size: number; first: boolean; last: boolean },
): TableCell {
  const bar = uncertainty
    ? [paragraph([new TextRun({ text: uncertainty, color: magenta, size })], "right")]
    : [];
  return new TableCell({
    columnSpan: span,
    children: [
      paragraph(docxRuns(runs, { bold: true, size }), span > 1 ? "center" : "right"),
      ...bar,
    ],
    borders: { left: none, right: none, top: first ? thick : none, bottom: last ? thin : none },
  });
}

/** A number with its ± is never broken. */
function bodyCell(
  { runs, uncertainty, aside }: ReportCell,
  { size, last, kept }: { size: number; last: boolean; kept: boolean },
): TableCell {
  const unbroken = runs.map((run) => ({ ...run, text: run.text.replaceAll(" ", "\u00a0") }));
  const children = [
    ...docxRuns(unbroken, { size, ...(aside && { strike: true }) }),
    ...(aside ? [new TextRun({ text: aside, superScript: true, size })] : []),
    ...(uncertainty
      ? [
          new TextRun({
            text: `\u00a0${uncertainty.replaceAll(" ", "\u00a0")}`,
            color: magenta,
            size,
          }),
        ]
      : []),
  ];
  const borders = { left: none, right: none, top: none, bottom: last ? thick : none };
  return new TableCell({ children: [paragraph(children, "right", kept)], borders });
}

/** A real table: whole on a page or with its headings on the next one, rows of one series under its name. */
export function docxTable(table: ReportTable, points: number): Table {
  const { heads, groups } = table;
  const size = points * 2;
  const columns = (heads.at(-1) ?? []).length;
  const whole = groups.reduce((sum, { rows }) => sum + rows.length, 0) <= mostWhole;
  const named = (name: string) =>
    new TableRow({
      children: [
        new TableCell({
          ...{ columnSpan: columns, borders: { left: none, right: none, top: none, bottom: none } },
          children: [paragraph([new TextRun({ text: name, italics: true, size })], "left")],
        }),
      ],
    });
  return new Table({
    columnWidths: docxWidths(table).map((width) =>
      Math.ceil((width * spare * points + columnGap) * twipsPerPoint),
    ),
    layout: TableLayoutType.FIXED,
    borders: {
      ...{ top: thick, bottom: thick, left: none, right: none },
      ...{ insideHorizontal: none, insideVertical: none },
    },
    rows: [
      ...heads.map(
        (line, i) =>
          new TableRow({
            ...{ tableHeader: true, cantSplit: true },
            children: line.map((head) =>
              headCell(head, { size, first: i === 0, last: i === heads.length - 1 }),
            ),
          }),
      ),
      ...groups.flatMap(({ name, rows }, g) => [
        ...(name ? [named(name)] : []),
        ...rows.map((cells, row) => {
          const last = g === groups.length - 1 && row === rows.length - 1;
          const children = cells.map((cell) =>
            bodyCell(cell, { size, last, kept: whole && !last }),
          );
          return new TableRow({ cantSplit: true, children });
        }),
      ]),
    ],
  });
}
