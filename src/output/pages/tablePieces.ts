import { stroke } from "@/figure/path/outlines";
import type { Scene } from "@/figure/scene";
import { fittedTable } from "../report/fittedTable";
import type { Inline, ReportCell, ReportHead, ReportNode, ReportTable } from "../report/report";
import type { Part, Piece, ReportInks, Tag } from "./piece";
import type { SetLine } from "./setLine";
import { lineScene } from "./setLines";
import { columnWidths, headInlines, oneLine, padding, raised, setCell, tableSize } from "./tableCells"; // prettier-ignore
import { runInlines } from "./tokens";
import { linePieces } from "./textPieces";

/** Sizes of the type in a table, the one that fits is taken; the last is the least that is read with ease. */
const sizes = [tableSize, 8, 7];
const rowHeight = 14.5;
const caption = { size: 9.5, leading: 13, family: "serif" } as const;

type Node = Extract<ReportNode, { kind: "table" }>;

/** A table, or a part of its columns, with their places; made smaller as a whole where it would be wider than the page. */
interface Laid {
  /** Where each column ends at its left, and the last one at its right. */
  readonly edges: readonly number[];
  readonly scale: number;
  readonly inks: ReportInks;
  readonly root: Tag;
}

const emptyScene: Scene = { width: 0, height: 0, shapes: [], spots: [] };

/** A cell in which nothing stands is a cell nevertheless. */
const orEmpty = (parts: Part[], path: readonly Tag[], scale: number): Part[] =>
  parts.length > 0 ? parts : [{ path, scale, x: 0, y: 0, scene: emptyScene }];

const left = ({ edges }: Laid, column: number) => edges[column] as number;

function place(
  line: SetLine | undefined,
  laid: Laid,
  at: { x: number; y: number },
  fill: string,
  path: readonly Tag[],
): Part[] {
  if (!line) return [];
  const { scale } = laid;
  return [
    { path, scale, x: at.x * scale, y: (at.y - line.ascent) * scale, scene: lineScene(line, fill) },
  ];
}

function ruleScene(width: number, strokeWidth: number, ink: string): Scene {
  const path = stroke(0, 0, width, 0);
  const shape = { kind: "path", role: "rule", stroke: ink, strokeWidth, path } as const;
  return { width, height: 1, shapes: [shape], spots: [] };
}

/** A rule across the whole table. */
function rule(laid: Laid, strokeWidth: number): Piece {
  const { scale, inks } = laid;
  const scene = ruleScene(laid.edges.at(-1) as number, strokeWidth, inks.ink);
  return { height: 3 * scale, before: 0, parts: [{ path: [], x: 0, y: 1.5, scale, scene }] };
}

function headPiece(heads: readonly ReportHead[], level: number, last: boolean, laid: Laid): Piece {
  const { inks, root, scale } = laid;
  const row: Tag = { role: "TR", id: `${root.id}/head${level}` };
  const barred = last && heads.some(({ uncertainty }) => uncertainty);
  let at = 0;
  const parts = heads.flatMap((head, index): Part[] => {
    const from = left(laid, at);
    const to = left(laid, at + head.span);
    at += head.span;
    const cell = { role: "TH" as const, id: `${row.id}/${index}`, span: head.span };
    const path = [root, row, cell];
    const line = oneLine(headInlines(head));
    const bar = head.uncertainty ? oneLine([{ kind: "text", text: head.uncertainty }]) : undefined;
    const x = (of: SetLine | undefined) =>
      head.span > 1 ? (from + to - (of?.width ?? 0)) / 2 : to - padding - (of?.width ?? 0);
    const drawn = [
      ...place(line, laid, { x: x(line), y: 10.5 }, inks.ink, path),
      ...place(bar, laid, { x: x(bar), y: 22 }, inks.uncertain, path),
    ];
    return orEmpty(drawn, path, scale);
  });
  const height = (barred ? rowHeight + 11.5 : rowHeight) * scale;
  return { height, before: 0, parts, keepNext: true };
}

function rowPiece(cells: readonly ReportCell[], id: string, laid: Laid): Piece {
  const { inks, root, scale } = laid;
  const row: Tag = { role: "TR", id: `${root.id}/${id}` };
  const parts = cells.flatMap((cell, column): Part[] => {
    const path = [root, row, { role: "TD" as const, id: `${row.id}/${column}` }];
    const { value, struck, bar } = setCell(cell);
    const right = left(laid, column + 1) - padding;
    const start = right - (value?.width ?? 0) - (bar?.width ?? 0);
    const crossed: Part[] = struck
      ? [
          {
            path: [],
            scale,
            x: (start - 1) * scale,
            y: 7.2 * scale,
            scene: ruleScene(struck.width + 1, 0.7, inks.ink),
          },
        ]
      : [];
    const drawn = [
      ...place(value, laid, { x: start, y: 10.5 }, inks.ink, path),
      ...place(bar, laid, { x: start + (value?.width ?? 0), y: 10.5 }, inks.uncertain, path),
      ...crossed,
    ];
    return orEmpty(drawn, path, scale);
  });
  return { height: rowHeight * scale, before: 0, parts };
}

/** The name of a series over its rows. */
function namePiece(name: string, id: string, laid: Laid): Piece {
  const { inks, root, scale } = laid;
  const row: Tag = { role: "TR", id: `${root.id}/${id}` };
  const cell: Tag = { role: "TH", id: `${row.id}/0`, span: laid.edges.length - 1 };
  const path: Tag[] = [root, row, cell];
  const line = oneLine([{ kind: "text", text: name, marks: ["italic"] }]);
  const parts = place(line, laid, { x: padding, y: 11.5 }, inks.ink, path);
  return { height: (rowHeight + 1) * scale, before: 0, parts, keepNext: true };
}

/** Heads, rows and rules of a table, or of a part of its columns; on a further page its heading is drawn anew. */
function gridPieces(table: ReportTable, scale: number, root: Tag, inks: ReportInks): Piece[] {
  let end = 0;
  const edges = [0, ...columnWidths(table).map((width) => (end += width))];
  const laid: Laid = { edges, scale, inks, root };
  const head = [
    { ...rule(laid, 0.9), keepNext: true },
    ...table.heads.map((line, i) => headPiece(line, i, i === table.heads.length - 1, laid)),
    { ...rule(laid, 0.5), keepNext: true },
  ];
  const rows = table.groups.flatMap((group, g): Piece[] => [
    ...(group.name ? [namePiece(group.name, `${g}/name`, laid)] : []),
    ...group.rows.map((cells, i) => rowPiece(cells, `${g}/${i}`, laid)),
  ]);
  const again = head.map((piece) => ({ ...piece, parts: piece.parts.map((part) => ({ ...part, path: [] })) })); // prettier-ignore
  const lasting = rows.map((piece, i) => ({
    ...piece,
    again,
    ...(i === rows.length - 1 && { keepNext: true }),
  }));
  return [...head, ...lasting, rule(laid, 0.9)];
}

function captionPieces(node: Node, at: number, id: string, width: number, ink: string): Piece[] {
  const name = at === 0 ? `${node.called}. ` : `${node.called}, ${node.further}.`;
  const words: Inline[] = [
    { kind: "text", text: name, marks: ["bold"] },
    ...(at === 0 ? runInlines(node.caption) : []),
  ];
  return linePieces(words, { width, x: 0, before: 10 }, caption, ink, [
    { role: "Caption", id: `${id}/caption${at}` },
  ]).map((piece) => ({ ...piece, keepNext: true }));
}

/** Widths of the text on a page that stands upright and on one that is turned, in points. */
export interface TextRoom {
  readonly upright: number;
  readonly turned: number;
}

/**
 * A table with its numbered caption above it. One that is too wide is set smaller, on a page that is turned, at last in
 * parts, each with the first column.
 */
export function tablePieces(node: Node, id: string, room: TextRoom, inks: ReportInks): Piece[] {
  const { table } = node;
  const natural = columnWidths(table).map((width) => width / tableSize);
  const { turned, size, parts } = fittedTable(table, natural, { ...room, sizes, gap: 0 });
  const width = turned ? room.turned : room.upright;
  const grids = parts.flatMap((part, at) => {
    const whole = columnWidths(part).reduce((sum, one) => sum + one, 0);
    const scale = Math.min(size / tableSize, width / whole);
    const root: Tag = { role: "Table", id: `${id}/table${at}` };
    const own = gridPieces(part, scale, root, inks);
    return [...captionPieces(node, at, id, width, inks.ink), ...own];
  });
  const notes = table.notes.flatMap(({ letter, text }, i) =>
    linePieces(
      [raised(letter), { kind: "text", text: ` ${text}` }],
      { width, x: 0, before: i === 0 ? 2 : 0 },
      { ...caption, size: 8.5, leading: 11.5 },
      inks.soft,
      [{ role: "P", id: `${id}/note${i}` }],
    ),
  );
  const last = grids.length - 1;
  const all = grids.map((piece, i) => (i === last && notes.length > 0 ? { ...piece, keepNext: true } : piece)); // prettier-ignore
  return [...all, ...notes].map((piece) => (turned ? { ...piece, turned } : piece));
}
