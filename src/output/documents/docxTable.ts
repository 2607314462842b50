import {
  AlignmentType,
  BorderStyle,
  type ParagraphChild,
  Paragraph,
  Table,
  TableCell,
  TableRow,
  TextRun,
} from "docx";
import type { RunText } from "@/core/unit/runText";
import type { ReportCell, ReportHead, ReportTable } from "../report/report";

const magenta = "B3206A";
const size = 18;
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

function headCell(
  { runs, uncertainty, span }: ReportHead,
  first: boolean,
  last: boolean,
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

function bodyCell(
  { runs, uncertainty, aside }: ReportCell,
  last: boolean,
  kept: boolean,
): TableCell {
  const children = [
    ...docxRuns(runs, { size, ...(aside && { strike: true }) }),
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

/** Width of a letter in a wide font, and room on both sides of a cell, in twips. */
const [perLetter, besideCell] = [116, 260];

/** Columns as wide as their longest words; narrower together where the page has no room for that. */
function columnWidths({ heads, groups }: ReportTable, room: number): readonly number[] {
  const lengthOf = (runs: RunText) => runs.reduce((sum, { text }) => sum + text.length, 0);
  const bar = (uncertainty: string | undefined) => (uncertainty ? uncertainty.length + 1 : 0);
  const widest = (heads.at(-1) ?? []).map((head, column) => {
    const cells = groups.flatMap(({ rows }) => rows.flatMap((cells) => cells[column] ?? []));
    return Math.max(
      ...[lengthOf(head.runs) * 1.1, bar(head.uncertainty)],
      ...cells.map(
        ({ runs, uncertainty, aside }) => lengthOf(runs) + bar(uncertainty) + (aside ? 1 : 0),
      ),
    );
  });
  const widths = widest.map((letters) => Math.round(letters * perLetter + besideCell));
  const over = Math.max(1, widths.reduce((sum, width) => sum + width, 0) / room);
  return widths.map((width) => Math.floor(width / over));
}

/** A real table: whole on a page or with its headings on the next one, rows of one series under its name. */
export function docxTable(table: ReportTable, room: number): Table {
  const { heads, groups } = table;
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
    columnWidths: columnWidths(table, room),
    borders: {
      ...{ top: thick, bottom: thick, left: none, right: none },
      ...{ insideHorizontal: none, insideVertical: none },
    },
    rows: [
      ...heads.map(
        (line, i) =>
          new TableRow({
            ...{ tableHeader: true, cantSplit: true },
            children: line.map((head) => headCell(head, i === 0, i === heads.length - 1)),
          }),
      ),
      ...groups.flatMap(({ name, rows }, g) => [
        ...(name ? [named(name)] : []),
        ...rows.map((cells, row) => {
          const last = g === groups.length - 1 && row === rows.length - 1;
          const children = cells.map((cell) => bodyCell(cell, last, whole && !last));
          return new TableRow({ cantSplit: true, children });
        }),
      ]),
    ],
  });
}
