import { stroke } from "@/figure/layout/pathText";
import type { Scene } from "@/figure/scene";
import type { Inline, ReportCell, ReportHead, ReportNode, ReportTable } from "../report/report";
import type { Part, Piece, ReportInks, Tag } from "./piece";
import type { SetLine } from "./setLine";
import { lineScene, setLines } from "./setLines";
import { runInlines } from "./tokens";
import { linePieces } from "./textPieces";

const size = 9;
const rowHeight = 14.5;
const padding = 6;
const caption = { size: 9.5, leading: 13, family: "serif" } as const;

type Node = Extract<ReportNode, { kind: "table" }>;

const endless = 1e6;
const oneLine = (inlines: readonly Inline[]): SetLine | undefined =>
  setLines(inlines, endless, size, "sans")[0];

const headInlines = ({ runs }: ReportHead) => runInlines(runs, true);

const raised = (text: string): Inline => ({ kind: "text", text, marks: ["super"] });

/** What stands in a cell, its ± apart for it has an ink of its own. */
function cellLines({ runs, uncertainty, aside }: ReportCell) {
  return {
    value: oneLine([...runInlines(runs), ...(aside ? [raised(aside)] : [])]),
    struck: aside ? oneLine(runInlines(runs)) : undefined,
    bar: uncertainty ? oneLine([{ kind: "text", text: ` ${uncertainty}` }]) : undefined,
  };
}

function cellWidth(cell: ReportCell): number {
  const { value, bar } = cellLines(cell);
  return (value?.width ?? 0) + (bar?.width ?? 0);
}

/** Widths of the columns: as wide as what they hold, made narrower together where the page is too narrow. */
function columnWidths({ heads, groups }: ReportTable): readonly number[] {
  const rows = groups.flatMap((group) => group.rows);
  const last = heads.at(-1) ?? [];
  const widths = last.map((head, column) => {
    const bar = head.uncertainty ?? "";
    const under = bar === "" ? 0 : (oneLine([{ kind: "text", text: bar }])?.width ?? 0);
    const own = Math.max(oneLine(headInlines(head))?.width ?? 0, under);
    const cells = rows.map((row) => cellWidth(row[column] ?? { runs: [] }));
    return Math.max(own, ...cells) + 2 * padding;
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

/** A table with the places of its columns, made smaller as a whole where it is wider than the page. */
interface Laid {
  readonly widths: readonly number[];
  readonly scale: number;
  readonly inks: ReportInks;
  readonly root: Tag;
}

const emptyScene: Scene = { width: 0, height: 0, shapes: [], spots: [] };

/** A cell in which nothing stands is a cell nevertheless. */
const orEmpty = (parts: Part[], path: readonly Tag[], scale: number): Part[] =>
  parts.length > 0 ? parts : [{ path, scale, x: 0, y: 0, scene: emptyScene }];

const left = ({ widths }: Laid, column: number) =>
  widths.slice(0, column).reduce((sum, width) => sum + width, 0);

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
  const d = stroke(0, 0, width, 0);
  const shape = { kind: "path", role: "rule", stroke: ink, strokeWidth, d } as const;
  return { width, height: 1, shapes: [shape], spots: [] };
}

/** A rule across the whole table. */
function rule(laid: Laid, strokeWidth: number): Piece {
  const { scale, inks } = laid;
  const scene = ruleScene(left(laid, laid.widths.length), strokeWidth, inks.ink);
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
    const { value, struck, bar } = cellLines(cell);
    const right = left(laid, column + 1) - padding;
    const start = right - (value?.width ?? 0) - (bar?.width ?? 0);
    const crossed: Part[] = struck
      ? [
          {
            ...{ path: [], scale, x: (start - 1) * scale, y: 7.2 * scale },
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
  const cell: Tag = { role: "TH", id: `${row.id}/0`, span: laid.widths.length };
  const path: Tag[] = [root, row, cell];
  const line = oneLine([{ kind: "text", text: name, marks: ["italic"] }]);
  const parts = place(line, laid, { x: padding, y: 11.5 }, inks.ink, path);
  return { height: (rowHeight + 1) * scale, before: 0, parts, keepNext: true };
}

/** A table with its numbered caption above it; where it goes on on another page its heading is drawn anew. */
export function tablePieces(node: Node, id: string, width: number, inks: ReportInks): Piece[] {
  const { table, number } = node;
  const widths = columnWidths(table);
  const whole = widths.reduce((sum, one) => sum + one, 0);
  const root: Tag = { role: "Table", id: `${id}/table` };
  const laid: Laid = { widths, scale: Math.min(1, width / whole), inks, root };
  const words: Inline[] = [
    { kind: "text", text: `Table ${number}. `, marks: ["bold"] },
    ...runInlines(node.caption),
  ];
  const above = linePieces(words, { width, x: 0, before: 10 }, caption, inks.ink, [
    { role: "Caption", id: `${id}/caption` },
  ]).map((piece) => ({ ...piece, keepNext: true }));
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
  const notes = table.notes.flatMap(({ letter, text }, i) =>
    linePieces(
      [raised(letter), { kind: "text", text: ` ${text}` }],
      { width, x: 0, before: i === 0 ? 2 : 0 },
      { ...caption, size: 8.5, leading: 11.5 },
      inks.soft,
      [{ role: "P", id: `${id}/note${i}` }],
    ),
  );
  return [...above, ...head, ...lasting, { ...rule(laid, 0.9), keepNext: notes.length > 0 }, ...notes]; // prettier-ignore
}
