import {
  concatTransformationMatrix,
  PDFDocument,
  popGraphicsState,
  pushGraphicsState,
} from "pdf-lib";
import type { RunText } from "@/core/unit/runText";
import { stroke } from "@/figure/layout/pathText";
import { faced, textShape } from "@/figure/layout/setText";
import type { Scene, Shape } from "@/figure/scene";
import { type Paper, papers } from "../papers";
import type { FontFetcher } from "../fonts/fetchedFont";
import { drawScene } from "./drawScene";
import { embeddedFonts } from "./pdfFonts";

const margin = 56;
const size = 9.5;
const line = size * 1.6;
const ink = "#000000";

type Cells = readonly (readonly RunText[])[];

/** Rows side by side in blocks, so that a long table needs no second page. */
function blocksOf(rows: Cells, most: number): Cells[] {
  const count = Math.max(1, Math.ceil(rows.length / most));
  const each = Math.ceil(rows.length / count);
  return Array.from({ length: count }, (_, i) => rows.slice(i * each, (i + 1) * each));
}

function cell(runs: RunText, right: number, y: number, bold: boolean): Shape {
  const set = bold
    ? faced(runs, "sansBold", "serifBoldItalic")
    : faced(runs, "sans", "serifItalic");
  return textShape("label", set, {
    ...{ x: right, y, size, fill: ink, align: "end" },
  });
}

/** One block of the table: a heading between two rules, then rows, and a rule below. */
function block(
  head: readonly RunText[],
  rows: Cells,
  place: { left: number; top: number; width: number },
): Shape[] {
  const { left, top, width } = place;
  const column = width / head.length;
  const right = (index: number) => left + column * (index + 1) - 4;
  const rule = (y: number, strokeWidth: number): Shape => ({
    ...{ kind: "path", role: "axis", stroke: ink, strokeWidth },
    d: stroke(left, top + y, left + width, top + y),
  });
  const foot = line * (rows.length + 1) + 5;
  return [
    rule(0.5, 0.9),
    ...head.map((text, index) => cell(text, right(index), top + line * 0.75, true)),
    rule(line + 1, 0.5),
    ...rows.flatMap((row, number) =>
      row.map((text, index) => cell(text, right(index), top + line * (number + 1.8), false)),
    ),
    rule(foot, 0.9),
  ];
}

/** A table as a scene, with its numbered caption above. */
function tableScene(
  caption: string,
  [head = [], ...rows]: Cells,
  width: number,
  room: number,
): Scene {
  const most = Math.max(1, Math.floor(room / line) - 3);
  const blocks = blocksOf(rows, most);
  const gap = 18;
  const each = (width - gap * (blocks.length - 1)) / blocks.length;
  const wide = Math.min(each, head.length * 130);
  const title = textShape("caption", [{ text: caption, face: "serif" }], {
    ...{ x: 0, y: size * 1.1, size: size * 1.05, fill: ink, align: "start" },
  });
  const shapes = blocks.flatMap((own, i) =>
    block(head, own, { left: i * (wide + gap), top: line, width: wide }),
  );
  const height = line * ((blocks[0]?.length ?? 0) + 3.5);
  return { width, height, shapes: [title, ...shapes], spots: [] };
}

/** The table above, the figure with its caption below, on one sheet of paper. */
export async function onePagePdf(
  figure: Scene,
  table: { readonly caption: string; readonly cells: Cells },
  title: string,
  paper: Paper,
  fetchFont?: FontFetcher,
): Promise<Uint8Array<ArrayBuffer>> {
  const [width, height] = papers[paper];
  const inner = width - 2 * margin;
  const scale = Math.min(1, inner / figure.width, ((height - 2 * margin) * 0.6) / figure.height);
  const room = height - 2 * margin - figure.height * scale - 24;
  const above = tableScene(table.caption, table.cells, inner, room);
  const document = await PDFDocument.create();
  document.setTitle(title);
  document.setProducer("Fathom Rule");
  const fonts = await embeddedFonts(document, [figure, above], fetchFont);
  const page = document.addPage([width, height]);
  drawScene(page, above, fonts, { x: margin, y: height - margin });
  const [x, y] = [margin + (inner - figure.width * scale) / 2, height - margin - above.height - 24];
  page.pushOperators(pushGraphicsState(), concatTransformationMatrix(scale, 0, 0, scale, x, y));
  drawScene(page, figure, fonts, { x: 0, y: 0 });
  page.pushOperators(popGraphicsState());
  return (await document.save()) as Uint8Array<ArrayBuffer>;
}
