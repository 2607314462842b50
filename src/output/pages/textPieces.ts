import { brokenTex } from "@/figure/maths/brokenTex";
import { layoutMath } from "@/figure/maths/layoutMath";
import { plainMath, readTex } from "@/figure/maths/readTex";
import type { Scene } from "@/figure/scene";
import type { Inline, ReportNode, WorkingLine } from "../report/report";
import type { Part, Piece, ReportInks, Tag } from "./piece";
import type { SetLine } from "./setLine";
import { lineScene, partScene, setLines } from "./setLines";
import type { Family } from "./tokens";

/** How words are set. */
export interface Setting {
  readonly size: number;
  readonly leading: number;
  readonly family: Family;
}

export const body: Setting = { size: 10.5, leading: 15, family: "serif" };
const headingSetting: Setting = { size: 13.5, leading: 18, family: "serif" };
const titleSetting: Setting = { size: 20, leading: 26, family: "serif" };

const bold = (inlines: readonly Inline[]): readonly Inline[] =>
  inlines.map((one) =>
    one.kind === "text" ? { ...one, marks: [...(one.marks ?? []), "bold"] } : one,
  );

/** The words and the formulas of a line; a formula is an element of its own, with what it is read out as. */
function lineParts(
  line: SetLine,
  at: { readonly x: number; readonly y: number },
  fill: string,
  path: readonly Tag[],
  number: number,
): Part[] {
  return line.parts.map((part, place): Part => {
    const id = `${path.at(-1)?.id}/${number}-${place}`;
    const own = part.alt === undefined ? path : [...path, formulaTag(id, part.alt)];
    return { ...at, path: own, scale: 1, scene: partScene(part, line, fill) };
  });
}

const formulaTag = (id: string, alt: string): Tag => ({ role: "Formula", id, alt });

/** Lines of words, each a piece; two lines at the least stay together at both ends. */
export function linePieces(
  inlines: readonly Inline[],
  place: { readonly width: number; readonly x: number; readonly before: number },
  setting: Setting,
  fill: string,
  path: readonly Tag[],
): Piece[] {
  const lines = setLines(inlines, place.width, setting.size, setting.family);
  return lines.map((line, index): Piece => {
    const height = Math.max(setting.leading, line.ascent + line.descent + 3);
    const y = Math.max(0, height - line.descent - line.ascent - 2);
    const ends = index === 0 || index === lines.length - 2;
    return {
      height,
      before: index === 0 ? place.before : 0,
      parts: lineParts(line, { x: place.x + (line.atRight ? place.width - line.width : 0), y }, fill, path, index), // prettier-ignore
      ...(ends && index < lines.length - 1 && { keepNext: true }),
    };
  });
}

export function titlePieces(
  { text, authors }: Extract<ReportNode, { kind: "title" }>,
  id: string,
  width: number,
  { ink, soft }: ReportInks,
): Piece[] {
  const words = bold([{ kind: "text", text }]);
  const place = { width, x: 0, before: 0 };
  const title = linePieces(words, place, titleSetting, ink, [{ role: "H1", id }]);
  const by: Inline[] = authors.trim() === "" ? [] : [{ kind: "text", text: authors.trim() }];
  const under = { ...place, before: 2 };
  return [...title, ...linePieces(by, under, body, soft, [{ role: "P", id: `${id}/authors` }])];
}

export function headingPieces(text: string, id: string, width: number, ink: string): Piece[] {
  const words = bold([{ kind: "text", text }]);
  const place = { width, x: 0, before: 14 };
  const pieces = linePieces(words, place, headingSetting, ink, [{ role: "H2", id }]);
  return pieces.map((piece) => ({ ...piece, keepNext: true }));
}

const indent = 16;

/** A paragraph, or an item of a list with its mark. */
export function paragraphPieces(
  node: Extract<ReportNode, { kind: "paragraph" | "bullet" | "number" }>,
  id: string,
  list: string,
  width: number,
  ink: string,
): Piece[] {
  const before = node.kind === "paragraph" ? 4 : 2;
  if (node.kind === "paragraph") {
    return linePieces(node.inlines, { width, x: 0, before }, body, ink, [{ role: "P", id }]);
  }
  const path: readonly Tag[] = [
    { role: "L", id: list },
    { role: "LI", id },
  ];
  const [line] = setLines(node.inlines, width - indent, body.size);
  const atRight = line?.atRight === true;
  const place = { width: width - indent, x: atRight ? 0 : indent, before };
  const pieces = linePieces(node.inlines, place, body, ink, [
    ...path,
    { role: "LBody", id: `${id}/body` },
  ]);
  const mark = node.kind === "bullet" ? "•" : `${node.ordinal}.`;
  const [marked] = setLines([{ kind: "text", text: mark }], indent, body.size);
  const [first, ...rest] = pieces;
  if (!first || !marked) return pieces;
  const y = first.parts[0]?.y ?? 0;
  const x = atRight ? width - 2 - marked.width : 2;
  const part: Part = { path, x, y, scale: 1, scene: lineScene(marked, ink) };
  return [{ ...first, parts: [part, ...first.parts] }, ...rest];
}

/** A formula as a scene, smaller where it would be too wide. */
function formulaPart(
  tex: string,
  size: number,
  isBold: boolean,
  room: number,
  fill: string,
): { scene: Scene; scale: number; ascent: number } {
  const box = layoutMath(tex, size, isBold);
  const scale = Math.min(1, room / box.width);
  return { scene: partScene(box, box, fill), scale, ascent: box.ascent };
}

const labelWidth = 118;
const labelSize = 9.5;
const labelLeading = 11.5;
const formulaSize = 10.5;
/** Room between the lines of a formula that is broken. */
const formulaGap = 5;

/** The lines of a formula beside a label, each with its upper edge. */
function formulaLines(tex: string, isBold: boolean, room: number, fill: string) {
  const fits = (one: string) => layoutMath(one, formulaSize, isBold).width <= room;
  let y = 0;
  return brokenTex(tex, fits).map((one) => {
    const line = { ...formulaPart(one, formulaSize, isBold, room, fill), y, tex: one };
    y += line.scene.height * line.scale + formulaGap;
    return line;
  });
}

/** A line of working: its label, and the formula beside it, broken before its relations where it is long. */
export function workingPieces(
  { label, of, tex, tone }: WorkingLine,
  id: string,
  width: number,
  { ink, soft, uncertain }: ReportInks,
): Piece[] {
  const fill = tone === "uncertain" ? uncertain : ink;
  const formulas = formulaLines(tex, tone === "stated", width - labelWidth, fill);
  const labelled: Inline[] = [
    { kind: "text", text: of ? `${label} ` : label },
    ...(of ? [{ kind: "formula" as const, tex: of }] : []),
  ];
  const words = setLines(labelled, labelWidth - 8, labelSize);
  const [first] = formulas;
  const high = (first?.scene.height ?? 0) * (first?.scale ?? 1);
  const room = Math.max(17, high + 7);
  const last = formulas.at(-1);
  const more = last ? last.y + last.scene.height * last.scale - high : 0;
  const below = Math.max(more, (words.length - 1) * labelLeading - high / 2, 0);
  const top = (room - high) / 2;
  const base = top + (first?.ascent ?? 0) * (first?.scale ?? 1);
  const row: Tag = { role: "P", id };
  const parts: Part[] = [
    ...words.flatMap((line, number) => {
      const at = { x: 0, y: base - line.ascent + number * labelLeading };
      return lineParts(line, at, soft, [row], number);
    }),
    ...formulas.map(({ scene, scale, y, tex: one }, number): Part => ({
      path: [row, { role: "Formula", id: `${id}/formula${number}`, alt: plainMath(readTex(one)) }],
      x: labelWidth,
      y: top + y,
      scale,
      scene,
    })),
  ];
  return [{ height: room + below, before: 0, parts }];
}

/** The statement of a result, large. */
export function statementPieces(tex: string, id: string, width: number, ink: string): Piece[] {
  const { scene, scale } = formulaPart(tex, 17, true, width, ink);
  const path: Tag[] = [{ role: "Formula", id, alt: plainMath(readTex(tex)) }];
  return [
    {
      height: scene.height * scale + 8,
      before: 6,
      parts: [{ path, x: 0, y: 4, scale, scene }],
    },
  ];
}
