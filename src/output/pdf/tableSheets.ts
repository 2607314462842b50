import { plainRunText, type RunText } from "@/core/unit/runText";
import { stroke } from "@/figure/path/outlines";
import { faced, textShape } from "@/figure/layout/setText";
import { textWidth } from "@/figure/layout/textWidth";
import type { Scene, Shape } from "@/figure/scene";
import { type Paper, papers } from "../papers";

/** A table to stand beside its figure: the headings, then a row each. */
export interface TableToSet {
  readonly caption: string;
  readonly cells: readonly (readonly RunText[])[];
}

/** Something on a sheet, its upper left corner in points from that of the paper. */
export interface PlacedScene {
  readonly scene: Scene;
  readonly x: number;
  readonly y: number;
  readonly scale: number;
}

/** What stands on each sheet of paper. */
export type Sheets = readonly (readonly PlacedScene[])[];

const margin = 56;
const ink = "#000000";
/** Room between blocks of rows, beside a column, and between table and figure. */
const gaps = { block: 22, column: 12, figure: 24 } as const;
/** Sizes of type from the one that is wished for to the least that is read with ease. */
const sizes = [9.5, 8.5, 7.5, 7] as const;
/** The least part of a page's height that a figure is left, where the table asks for the room. */
const leastFigure = 0.3;
const mostFigure = 0.6;

const lineOf = (size: number) => size * 1.6;

/** How a table is set: its type, and how wide its columns are. */
interface Setting {
  readonly size: number;
  readonly widths: readonly number[];
  readonly wide: number;
}

function settingOf({ cells }: TableToSet, size: number): Setting {
  const [head = []] = cells;
  const widths = head.map((_, column) =>
    cells.reduce((most, row, i) => {
      const text = plainRunText(row[column] ?? []);
      return Math.max(most, textWidth(text, i === 0 ? "sansBold" : "sans", size));
    }, 0),
  );
  const all = widths.map((width) => width + gaps.column);
  return { size, widths: all, wide: all.reduce((sum, width) => sum + width, 0) };
}

/** How many blocks of rows stand beside each other, and how many rows are in each, in a room. */
function capacity({ size, wide }: Setting, width: number, height: number) {
  const blocks = Math.floor((width + gaps.block) / (wide + gaps.block));
  const rows = Math.max(0, Math.floor(height / lineOf(size) - 3.5));
  return { blocks, rows, all: blocks * rows };
}

function block(
  head: readonly RunText[],
  rows: TableToSet["cells"],
  left: number,
  top: number,
  { size, widths, wide }: Setting,
): Shape[] {
  const line = lineOf(size);
  let end = left;
  const rights = widths.map((width) => (end += width) - gaps.column / 2);
  const rule = (y: number, strokeWidth: number): Shape => ({
    kind: "path",
    role: "axis",
    stroke: ink,
    strokeWidth,
    path: stroke(left, top + y, left + wide, top + y),
  });
  const cell = (runs: RunText, column: number, y: number, bold: boolean) =>
    textShape(
      "label",
      bold ? faced(runs, "sansBold", "serifBoldItalic") : faced(runs, "sans", "serifItalic"),
      {
        x: rights[column] as number,
        y,
        size,
        fill: ink,
        align: "end",
      },
    );
  return [
    rule(0.5, 0.9),
    ...head.map((text, column) => cell(text, column, top + line * 0.75, true)),
    rule(line + 1, 0.5),
    ...rows.flatMap((row, number) =>
      row.map((text, column) => cell(text, column, top + line * (number + 1.8), false)),
    ),
    rule(line * (rows.length + 1) + 5, 0.9),
  ];
}

/** Some rows of a table under a caption. */
interface Stretch {
  readonly caption: string;
  readonly head: readonly RunText[];
  readonly rows: TableToSet["cells"];
}

/** Rows with their heading, in blocks side by side, under their caption. */
function tableScene(
  { caption, head, rows }: Stretch,
  setting: Setting,
  blocks: number,
  width: number,
): Scene {
  const { size, wide } = setting;
  const line = lineOf(size);
  const each = Math.max(1, Math.ceil(rows.length / blocks));
  const title = textShape("caption", [{ text: caption, face: "serif" }], {
    x: 0,
    y: size * 1.1,
    size: size * 1.05,
    fill: ink,
    align: "start",
  });
  const shapes = Array.from({ length: Math.max(1, Math.ceil(rows.length / each)) }, (_, i) =>
    block(head, rows.slice(i * each, (i + 1) * each), i * (wide + gaps.block), line, setting),
  ).flat();
  return { width, height: line * (each + 3), shapes: [title, ...shapes], spots: [] };
}

const innerOf = (paper: Paper) => {
  const [width, height] = papers[paper];
  return { width: width - 2 * margin, height: height - 2 * margin };
};

function placedFigure(figure: Scene, width: number, top: number, height: number): PlacedScene {
  const scale = Math.min(1, width / figure.width, height / figure.height);
  return { scene: figure, scale, x: margin + (width - figure.width * scale) / 2, y: margin + top };
}

/** Table above and figure below on one sheet; undefined where its type would be too small to read. */
export function onOneSheet(figure: Scene, table: TableToSet, paper: Paper): Sheets | undefined {
  const { width, height } = innerOf(paper);
  const [head = [], ...rows] = table.cells;
  const whole =
    Math.min(1, width / figure.width, (height * mostFigure) / figure.height) * figure.height;
  for (const least of [whole, Math.min(whole, height * leastFigure)]) {
    for (const size of sizes) {
      const setting = settingOf(table, size);
      const room = capacity(setting, width, height - gaps.figure - least);
      if (room.all < rows.length) continue;
      const blocks = Math.max(1, Math.ceil(rows.length / room.rows));
      const scene = tableScene({ caption: table.caption, head, rows }, setting, blocks, width);
      const top = scene.height + gaps.figure;
      const drawn = placedFigure(figure, width, top, Math.min(whole, height - top));
      return [[{ scene, scale: 1, x: margin, y: margin }, drawn]];
    }
  }
  return undefined;
}

/** The table on as many sheets as it needs, its headings on each, and the figure behind it, beneath it where there is room. */
export function onSheets(figure: Scene, table: TableToSet, paper: Paper): Sheets {
  const { width, height } = innerOf(paper);
  const settings = sizes.map((size) => settingOf(table, size));
  const setting = settings.find(({ wide }) => wide <= width) ?? (settings.at(-1) as Setting);
  const scale = Math.min(1, width / setting.wide);
  const room = capacity(setting, Math.max(width, setting.wide), height / scale);
  const [head = [], ...rows] = table.cells;
  const sheets = Math.max(1, Math.ceil(rows.length / room.all));
  const pages = Array.from({ length: sheets }, (_, i): PlacedScene[] => {
    const caption = i === 0 ? table.caption : `${table.caption} (continued)`;
    const own = rows.slice(i * room.all, (i + 1) * room.all);
    const blocks = Math.max(1, Math.ceil(own.length / room.rows));
    const scene = tableScene({ caption, head, rows: own }, setting, blocks, width);
    return [{ scene, scale, x: margin, y: margin }];
  });
  const last = pages.at(-1)?.[0];
  const top = last ? last.scene.height * scale + gaps.figure : 0;
  const beneath = last && height - top >= Math.min(height * mostFigure, figure.height);
  if (!beneath) return [...pages, [placedFigure(figure, width, 0, height)]];
  return [...pages.slice(0, -1), [last, placedFigure(figure, width, top, height - top)]];
}
