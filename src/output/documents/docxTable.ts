import { remembered } from "@/remembered/remembered";
import {
  AlignmentType,
  BorderStyle,
  type IParagraphStyleOptions,
  type IXmlableObject,
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
/** As much is taken where the page has it: letters of other serif faces are up to so much wider, and no number is broken. */
const spareAtMost = 1.32;

/** What a table of a word processor has room in: sizes with room to spare for other fonts. */
export function docxRoom(upright: number, turned: number): TableRoom {
  return {
    upright: upright / spare,
    turned: turned / spare,
    sizes: tableSizes,
    gap: columnGap,
  };
}

/** Widths of columns at the size 1. */
export const docxWidths = remembered((table: ReportTable): readonly number[] =>
  columnWidths(table, { face: "serif", barBelow: true }),
);

const none = { style: BorderStyle.NONE, size: 0, color: "auto" } as const;
const thick = { style: BorderStyle.SINGLE, size: 8, color: "000000" } as const;
const thin = { style: BorderStyle.SINGLE, size: 4, color: "000000" } as const;
const tableSizes = [9, 8, 7] as const;

const styleOf = (points: number, kept: boolean) => `cell${points}${kept ? "kept" : ""}`;

/** Styles of the lines in cells: by their size, and those that stay on the page of the row below. */
export const cellStyles: readonly IParagraphStyleOptions[] = tableSizes.flatMap((points) =>
  [false, true].map((kept) => ({
    id: styleOf(points, kept),
    name: `Cell ${points}${kept ? " kept" : ""}`,
    run: { size: points * 2 },
    paragraph: {
      alignment: AlignmentType.RIGHT,
      spacing: { before: 10, after: 10 },
      keepNext: kept,
    },
  })),
);

/** Runs with their slant and height. */
export function docxRuns(
  runs: RunText,
  look: { readonly bold?: boolean; readonly size?: number; readonly strike?: boolean } = {},
): TextRun[] {
  return runs.map(
    ({ text, italic, script }) =>
      new TextRun({
        text,
        ...look,
        ...(italic && { italics: true }),
        ...(script === "super" && { superScript: true }),
        ...(script === "sub" && { subScript: true }),
      }),
  );
}

/** A table of more rows may be broken over pages. */
const mostWhole = 24;

const unbroken = (text: string) => text.replaceAll(" ", "\u00a0");

function headCell(
  { runs, uncertainty, span }: ReportHead,
  { points, first, last }: { points: number; first: boolean; last: boolean },
): TableCell {
  const style = styleOf(points, true);
  const alignment = span > 1 ? { alignment: AlignmentType.CENTER } : {};
  const head = new Paragraph({ style, children: docxRuns(runs, { bold: true }), ...alignment });
  const bar = uncertainty
    ? [new Paragraph({ style, children: [new TextRun({ text: uncertainty, color: magenta })] })]
    : [];
  return new TableCell({
    columnSpan: span,
    children: [head, ...bar],
    borders: { top: first ? thick : none, bottom: last ? thin : none },
  });
}

const value = (of: string) => ({ _attr: { "w:val": of } });

/** A run as the elements of WordprocessingML (ISO/IEC 29500-1, 17.3.2), its properties in the order of the schema. */
function runElement(
  text: string,
  look: { italic?: boolean; strike?: boolean; ink?: string; script?: RunText[number]["script"] },
): IXmlableObject {
  const properties = [
    ...(look.italic ? [{ "w:i": {} }] : []),
    ...(look.strike ? [{ "w:strike": {} }] : []),
    ...(look.ink ? [{ "w:color": value(look.ink) }] : []),
    ...(look.script ? [{ "w:vertAlign": value(`${look.script}script`) }] : []),
  ];
  return {
    "w:r": [
      ...(properties.length > 0 ? [{ "w:rPr": properties }] : []),
      { "w:t": [{ _attr: { "xml:space": "preserve" } }, unbroken(text)] },
    ],
  };
}

/** How the cells of a row of numbers are written. */
interface RowLook {
  readonly style: string;
  /** Whether a line stands below it. */
  readonly last: boolean;
  /** Of each column, in twips. */
  readonly widths: readonly number[];
}

/** A cell of a row of numbers. A number with its ± is never broken. */
function numberCell(
  { runs, uncertainty, aside }: ReportCell,
  width: number,
  { style, last }: RowLook,
): IXmlableObject {
  const strike = aside !== undefined;
  const wide = { "w:tcW": { _attr: { "w:type": "dxa", "w:w": width } } };
  const edge = { "w:bottom": { _attr: { "w:val": "single", "w:sz": thick.size, "w:color": thick.color } } }; // prettier-ignore
  return {
    "w:tc": [
      { "w:tcPr": [wide, ...(last ? [{ "w:tcBorders": [edge] }] : [])] },
      {
        "w:p": [
          { "w:pPr": [{ "w:pStyle": value(style) }] },
          ...runs.map(({ text, ...look }) => runElement(text, { ...look, strike })),
          ...(aside === undefined ? [] : [runElement(aside, { script: "super" })]),
          ...(uncertainty ? [runElement(` ${uncertainty}`, { ink: magenta })] : []),
        ],
      },
    ],
  };
}

/** A row of numbers, written as it stands: there are tens of thousands of their cells in a long report. */
class NumberRow extends TableRow {
  constructor(
    private readonly numbers: readonly ReportCell[],
    private readonly look: RowLook,
  ) {
    super({ cantSplit: true, children: [] });
  }

  override prepForXml(): IXmlableObject {
    const { widths } = this.look;
    return {
      "w:tr": [
        { "w:trPr": [{ "w:cantSplit": {} }] },
        ...this.numbers.map((cell, at) => numberCell(cell, widths[at] as number, this.look)),
      ],
    };
  }
}

/** The name of a series over its rows. */
function nameRow(name: string, columns: number, points: number): TableRow {
  const line = new Paragraph({
    style: styleOf(points, true),
    alignment: AlignmentType.LEFT,
    children: [new TextRun({ text: name, italics: true })],
  });
  return new TableRow({ children: [new TableCell({ columnSpan: columns, children: [line] })] });
}

/** Widths of columns in twips, in the width of the page as far as that is needed. */
function widthsOnPage(table: ReportTable, points: number, room: number): number[] {
  const widths = docxWidths(table).map((width) => width * points);
  const words = widths.reduce((sum, width) => sum + width, 0);
  const free = (room - columnGap * widths.length) / words;
  const taken = Math.min(spareAtMost, Math.max(spare, free));
  return widths.map((width) => Math.floor((width * taken + columnGap) * twipsPerPoint));
}

/** A real table: whole on a page or with its headings on the next one, rows of one series under its name. @param room the width of the page, in points. */
export function docxTable(table: ReportTable, points: number, room: number): Table {
  const { heads, groups } = table;
  const columns = (heads.at(-1) ?? []).length;
  const whole = groups.reduce((sum, { rows }) => sum + rows.length, 0) <= mostWhole;
  const wide = widthsOnPage(table, points, room);
  return new Table({
    columnWidths: wide,
    layout: TableLayoutType.FIXED,
    borders: {
      top: thick,
      bottom: thick,
      left: none,
      right: none,
      insideHorizontal: none,
      insideVertical: none,
    },
    rows: [
      ...heads.map(
        (line, i) =>
          new TableRow({
            tableHeader: true,
            cantSplit: true,
            children: line.map((head) =>
              headCell(head, { points, first: i === 0, last: i === heads.length - 1 }),
            ),
          }),
      ),
      ...groups.flatMap(({ name, rows }, g) => [
        ...(name ? [nameRow(name, columns, points)] : []),
        ...rows.map((cells, row) => {
          const last = g === groups.length - 1 && row === rows.length - 1;
          return new NumberRow(cells, {
            style: styleOf(points, whole && !last),
            last,
            widths: wide,
          });
        }),
      ]),
    ],
  });
}
