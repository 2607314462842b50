import { polyline, quadratic, stroke } from "../path/outlines";
import { type Path, type Place, placed } from "../path/path";
import type { Face, PlacedRun, Stroke } from "../scene";
import { textWidth } from "../layout/textWidth";
import type { MathNode } from "./mathTree";
import { readTex } from "./readTex";

/** A formula set about its base line: runs of text and strokes, with its reach up and down in points. */
export interface MathBox {
  readonly width: number;
  readonly ascent: number;
  readonly descent: number;
  readonly runs: readonly PlacedRun[];
  readonly strokes: readonly Stroke[];
}

/** Reach of the letters, as parts of their size. */
const reach = { ascent: 0.72, descent: 0.22 } as const;
/** Height of the axis on which fractions and minus signs stand. */
const axis = 0.26;
const scriptScale = 0.72;
const leastScript = 0.62;
const thin = 0.05;
const padding = 0.06;
const gaps = { relation: 0.28, operator: 0.2 } as const;

const empty: MathBox = { width: 0, ascent: 0, descent: 0, runs: [], strokes: [] };

/** Strokes of a formula at another place. */
export function movedStrokes(strokes: readonly Stroke[], x: number, y: number): readonly Stroke[] {
  return strokes.map(({ path, ...rest }) => ({ ...rest, path: placed(path, x, y) }));
}

const moved = (box: MathBox, x: number, y: number): Pick<MathBox, "runs" | "strokes"> => ({
  runs: box.runs.map((run) => ({ ...run, x: run.x + x, y: run.y + y })),
  strokes: movedStrokes(box.strokes, x, y),
});

/** The size of letters, and the full size that smaller ones are not to fall too far below. */
interface Size {
  readonly now: number;
  readonly full: number;
  readonly bold: boolean;
}

const smaller = ({ now, full, bold }: Size): Size => ({
  now: Math.max(now * scriptScale, full * leastScript * scriptScale),
  full,
  bold,
});

function faceOf(italic: boolean, bold: boolean): Face {
  if (italic) return bold ? "serifBoldItalic" : "serifItalic";
  return bold ? "serifBold" : "serif";
}

function textBox(node: Extract<MathNode, { kind: "text" }>, { now, bold }: Size): MathBox {
  const face = faceOf(node.italic, bold);
  const gap = node.sign ? gaps[node.sign] * now : 0;
  const width = textWidth(node.text, face, now);
  return {
    width: width + 2 * gap,
    ascent: reach.ascent * now,
    descent: reach.descent * now,
    runs: [{ text: node.text, x: gap, y: 0, size: now, face }],
    strokes: [],
  };
}

function beside(boxes: readonly MathBox[]): MathBox {
  let x = 0;
  const parts = boxes.map((box) => {
    const part = moved(box, x, 0);
    x += box.width;
    return part;
  });
  return {
    width: x,
    ascent: Math.max(0, ...boxes.map(({ ascent }) => ascent)),
    descent: Math.max(0, ...boxes.map(({ descent }) => descent)),
    runs: parts.flatMap(({ runs }) => runs),
    strokes: parts.flatMap(({ strokes }) => strokes),
  };
}

function fractionBox(node: Extract<MathNode, { kind: "fraction" }>, size: Size): MathBox {
  const { now } = size;
  const inner: Size = now < size.full ? size : { ...size, now: now * 0.92 };
  const [above, below] = [boxOf(node.above, inner), boxOf(node.below, inner)];
  const width = Math.max(above.width, below.width) + 2 * padding * now;
  const gap = 0.14 * now;
  const up = axis * now + gap + above.descent;
  const down = gap + below.ascent - axis * now;
  const top = moved(above, (width - above.width) / 2, -up);
  const foot = moved(below, (width - below.width) / 2, down);
  const side = 0.08 * now;
  const bar = { path: stroke(0, -axis * now, width, -axis * now), strokeWidth: thin * now };
  return beside([
    { ...empty, width: side },
    {
      width,
      ascent: up + above.ascent,
      descent: down + below.descent,
      runs: [...top.runs, ...foot.runs],
      strokes: [bar, ...top.strokes, ...foot.strokes],
    },
    { ...empty, width: side },
  ]);
}

function rootBox(node: Extract<MathNode, { kind: "root" }>, size: Size): MathBox {
  const { now } = size;
  const inner = boxOf(node.of, size);
  const [top, foot] = [inner.ascent + 0.14 * now, inner.descent];
  const hook = 0.55 * now;
  const part = moved(inner, hook + 0.08 * now, 0);
  const width = hook + inner.width + 0.16 * now;
  const places: readonly Place[] = [
    [0.02 * now, -0.28 * now],
    [0.16 * now, -0.36 * now],
    [0.32 * now, foot],
    [hook, -top],
    [width - 0.04 * now, -top],
  ];
  return {
    width,
    ascent: top + 0.05 * now,
    descent: foot,
    runs: part.runs,
    strokes: [{ path: polyline(places), strokeWidth: thin * 1.1 * now }, ...part.strokes],
  };
}

function scriptsBox(node: Extract<MathNode, { kind: "scripts" }>, size: Size): MathBox {
  const base = boxOf(node.base, size);
  const inner = smaller(size);
  const raised = node.super && boxOf(node.super, inner);
  const lowered = node.sub && boxOf(node.sub, inner);
  const tall = base.ascent > 0.9 * size.now;
  const up = tall ? base.ascent - 0.35 * inner.now : 0.36 * size.now;
  const down = tall ? base.descent + 0.15 * inner.now : 0.2 * size.now;
  const over = raised && moved(raised, base.width + 0.03 * size.now, -up);
  const under = lowered && moved(lowered, base.width, down);
  const width = Math.max(raised?.width ?? 0, lowered?.width ?? 0) + 0.05 * size.now;
  return {
    width: base.width + width,
    ascent: Math.max(base.ascent, raised ? up + raised.ascent : 0),
    descent: Math.max(base.descent, lowered ? down + lowered.descent : 0),
    runs: [...base.runs, ...(over?.runs ?? []), ...(under?.runs ?? [])],
    strokes: [...base.strokes, ...(over?.strokes ?? []), ...(under?.strokes ?? [])],
  };
}

/** A bracket as tall as what it holds, drawn where the letter would be too short. */
function bracket(sign: string, ascent: number, descent: number, { now, bold }: Size): MathBox {
  const short = ascent <= 0.85 * now && descent <= 0.35 * now;
  if (short && sign !== "|") return textBox({ kind: "text", text: sign, italic: false }, { now, full: now, bold }); // prettier-ignore
  const [top, foot] = [-ascent - 0.02 * now, descent + 0.02 * now];
  const height = { ascent: -top, descent: foot };
  if (sign === "|") {
    const strokes = [{ path: stroke(0.12 * now, top, 0.12 * now, foot), strokeWidth: thin * now }];
    return { width: 0.24 * now, ...height, runs: [], strokes };
  }
  const width = 0.34 * now;
  const [outer, inner] = sign === "(" ? [0.08 * now, 0.28 * now] : [0.26 * now, 0.06 * now];
  const middle = (top + foot) / 2;
  const path: Path = [
    { kind: "move", x: inner, y: top },
    quadratic([inner, top], [outer, top * 0.6 + middle * 0.4], [outer, middle]),
    quadratic([outer, middle], [outer, foot * 0.6 + middle * 0.4], [inner, foot]),
  ];
  return { width, ...height, runs: [], strokes: [{ path, strokeWidth: 0.06 * now }] };
}

function boxOf(node: MathNode, size: Size): MathBox {
  switch (node.kind) {
    case "row":
      return beside(node.of.map((one) => boxOf(one, size)));
    case "text":
      return textBox(node, size);
    case "space":
      return { ...empty, width: node.width * size.now };
    case "fraction":
      return fractionBox(node, size);
    case "root":
      return rootBox(node, size);
    case "scripts":
      return scriptsBox(node, size);
    case "fence": {
      const inner = boxOf(node.of, size);
      const around = (sign: string) => bracket(sign, inner.ascent, inner.descent, size);
      return beside([around(node.open), inner, around(node.close)]);
    }
  }
}

/** Sets a formula in the shipped serif fonts, its letters `size` points high. */
export function layoutMath(tex: string, size: number, bold = false): MathBox {
  return boxOf(readTex(tex), { now: size, full: size, bold });
}
