import { cleanTexts } from "@/core/text/cleanText";
import { beginsAtRight } from "@/figure/fonts/bothWays";
import {
  AlignmentType,
  Document,
  type FileChild,
  Footer,
  HeadingLevel,
  ImageRun,
  type ISectionOptions,
  LevelFormat,
  Packer,
  PageNumber,
  PageOrientation,
  Paragraph,
  type ParagraphChild,
  TabStopType,
  TextRun,
} from "docx";
import { brokenTex } from "@/figure/maths/brokenTex";
import { layoutMath } from "@/figure/maths/layoutMath";
import { papers } from "../papers";
import {
  longestLabel,
  type Report,
  type ReportNode,
  shownNodes,
  type WorkingLine,
} from "../report/report";
import { fittedTable } from "../report/fittedTable";
import { documentStyles } from "./docxStyles";
import { inlineDocx, label, math } from "./docxWords";
import { docxRoom, docxRuns, docxTable, docxWidths } from "./docxTable";
import { svgPath } from "@/figure/render/svgPath";
import type { Scene } from "@/figure/scene";
import { captionWords } from "./figureParts";
import type { Picture, Pictures } from "./pictures";

const twipsPerPoint = 20;
const twips = (points: number) => Math.round(points * twipsPerPoint);
const pixelsPerPoint = 96 / 72;
const margin = 66;
/** Size of a formula, with room to spare for other fonts, in points. */
const formulaSize = 12.5;
const numbering = "report-numbers";

/** Outlines longer than this in signs of SVG, those of thousands of points, keep a word processor busy for minutes. */
const longestOutlines = 300_000;

const isHeavy = ({ shapes }: Scene) =>
  shapes.reduce((sum, one) => sum + (one.kind === "path" ? svgPath(one.path).length : 0), 0) >
  longestOutlines;

/** A picture as vectors, with points for word processors that take none; of thousands of points only as those. */
function image({ scene, svg, png, description }: Picture, room: number): ImageRun {
  const scale = Math.min(1, room / scene.width) * pixelsPerPoint;
  const drawn = isHeavy(scene)
    ? ({ type: "png", data: png } as const)
    : ({
        type: "svg",
        data: new TextEncoder().encode(svg),
        fallback: { type: "png", data: png },
      } as const);
  return new ImageRun({
    ...drawn,
    transformation: {
      width: Math.round(scene.width * scale),
      height: Math.round(scene.height * scale),
    },
    altText: { name: "figure", title: "", description },
  });
}

interface Sheet {
  readonly pictures: Pictures;
  /** Width of the text, in points, upright and turned. */
  readonly room: number;
  readonly turned: number;
  /** Bookmarks that stand somewhere already. */
  readonly named: Set<string>;
}

/** Something of the document, and whether it stands on a page that is turned. */
interface Placed {
  readonly child: FileChild;
  readonly turned: boolean;
}

const upright = (children: readonly FileChild[]): Placed[] =>
  children.map((child) => ({ child, turned: false }));

function captioned(node: Extract<ReportNode, { kind: "table" }>, sheet: Sheet): Placed[] {
  const { turned, size, parts } = fittedTable(
    node.table,
    docxWidths(node.table),
    docxRoom(sheet.room, sheet.turned),
  );
  const spacing = { before: 200, after: 60 };
  const children: FileChild[] = parts.flatMap((part, at) => {
    const caption =
      at === 0
        ? [...label(node, sheet.named), ...docxRuns(node.caption)]
        : [new TextRun({ text: `${node.called}, ${node.further}.`, italics: true })];
    return [
      new Paragraph({ children: caption, keepNext: true, spacing }),
      docxTable(part, size, turned ? sheet.turned : sheet.room),
    ];
  });
  const notes = node.table.notes.map(
    ({ letter, text }) =>
      new Paragraph({
        children: [
          new TextRun({ text: letter, superScript: true, size: 17 }),
          new TextRun({ text: ` ${text}`, size: 17 }),
        ],
      }),
  );
  const all = [...children, ...notes, new Paragraph({ children: [] })];
  return all.map((child) => ({ child, turned }));
}

/** A formula that may be broken before its relations where it is wider than the room in points: word processors do not do it alike. */
function brokenMath(tex: string, room: number): ParagraphChild[] {
  const fits = (one: string) => layoutMath(one, formulaSize).width <= room;
  return brokenTex(tex, fits).flatMap((one, line) =>
    line === 0 ? [math(one)] : [new TextRun({ break: 1 }), math(one)],
  );
}

/** Lines of working that stay on one page, with the statement that they lead to. */
function workingDocx(lines: readonly WorkingLine[], leads: boolean, room: number): FileChild[] {
  const position = Math.max(2700, longestLabel(lines) * 125);
  return lines.map(
    ({ label: word, of, tex }, line) =>
      new Paragraph({
        keepLines: true,
        keepNext: leads || line < lines.length - 1,
        indent: { left: position, hanging: position },
        tabStops: [{ type: TabStopType.LEFT, position }],
        children: [
          new TextRun({ text: `${word} `, color: "4F666E" }),
          ...(of ? [math(of)] : []),
          new TextRun("\t"),
          ...brokenMath(tex, room - position / twipsPerPoint),
        ],
      }),
  );
}

function paragraphDocx(
  node: Extract<ReportNode, { kind: "paragraph" | "bullet" | "number" }>,
): Paragraph {
  const text = node.inlines.map((one) => (one.kind === "text" ? one.text : "")).join("");
  const set = {
    children: node.inlines.flatMap(inlineDocx),
    ...(beginsAtRight(text) && { bidirectional: true }),
  };
  switch (node.kind) {
    case "paragraph":
      return new Paragraph({ ...set, spacing: { after: 100 } });
    case "bullet":
      return new Paragraph({ ...set, bullet: { level: 0 } });
    case "number":
      return new Paragraph({ ...set, numbering: { reference: numbering, level: 0 } });
  }
}

function figureDocx(
  node: Extract<ReportNode, { kind: "figure" }>,
  picture: Picture | undefined,
  sheet: Sheet,
): FileChild[] {
  const caption = [...label(node, sheet.named), ...docxRuns(captionWords(node.figure))];
  return [
    ...(picture ? [new Paragraph({ children: [image(picture, sheet.room)], keepNext: true })] : []),
    new Paragraph({ children: caption, spacing: { after: 200 } }),
  ];
}

function nodeDocx(
  node: ReportNode,
  place: number,
  next: ReportNode | undefined,
  sheet: Sheet,
): Placed[] {
  const picture = sheet.pictures.get(place);
  if (node.kind === "table") return captioned(node, sheet);
  return upright(plainDocx(node, picture, next, sheet));
}

function plainDocx(
  node: Exclude<ReportNode, { kind: "table" }>,
  picture: Picture | undefined,
  next: ReportNode | undefined,
  sheet: Sheet,
): FileChild[] {
  switch (node.kind) {
    case "title":
      return [
        new Paragraph({ text: node.text, heading: HeadingLevel.TITLE }),
        ...(node.authors ? [new Paragraph({ text: node.authors })] : []),
      ];
    case "heading":
      return [new Paragraph({ text: node.text, heading: HeadingLevel.HEADING_1 })];
    case "paragraph":
    case "bullet":
    case "number":
      return [paragraphDocx(node)];
    case "figure":
      return figureDocx(node, picture, sheet);
    case "working":
      return workingDocx(node.lines, next?.kind === "statement", sheet.room);
    case "statement":
      return [new Paragraph({ children: [math(node.tex)], spacing: { before: 120, after: 120 } })];
    case "number-line":
      return picture
        ? [new Paragraph({ children: [image(picture, sheet.room)], keepNext: true })]
        : [];
  }
}

/** Stretches of pages that stand upright or turned. */
function sectionsOf(placed: readonly Placed[], paper: Report["paper"]): ISectionOptions[] {
  const stretches: { children: FileChild[]; turned: boolean }[] = [];
  for (const { child, turned } of placed) {
    const last = stretches.at(-1);
    if (last?.turned === turned) last.children.push(child);
    else stretches.push({ children: [child], turned });
  }
  const [width, height] = papers[paper].map(twips) as [number, number];
  const side = twips(margin);
  const orientations = { upright: PageOrientation.PORTRAIT, turned: PageOrientation.LANDSCAPE };
  const number = new TextRun({
    children: [PageNumber.CURRENT, " / ", PageNumber.TOTAL_PAGES],
    size: 17,
  });
  const foot = new Paragraph({ children: [number], alignment: AlignmentType.CENTER });
  return stretches.map(({ children, turned }) => ({
    properties: {
      page: {
        size: { width, height, orientation: orientations[turned ? "turned" : "upright"] },
        margin: { top: side, bottom: side, left: side, right: side },
      },
    },
    footers: { default: new Footer({ children: [foot] }) },
    children,
  }));
}

/**
 * The report for word processors (Office Open XML): real tables, formulas as Office Math, figures as vectors with
 * points behind them, numbers of captions and cross-references as fields.
 */
export function reportDocument(given: Report, pictures: Pictures): Document {
  const report = cleanTexts(given);
  const [width, height] = papers[report.paper];
  const sheet: Sheet = {
    pictures,
    named: new Set<string>(),
    room: width - 2 * margin,
    turned: height - 2 * margin,
  };
  const placed = shownNodes(report).flatMap((node, place, all) =>
    nodeDocx(node, place, all[place + 1], sheet),
  );
  return new Document({
    title: report.title,
    creator: report.authors.trim() || "Fathom Rule",
    styles: documentStyles(report),
    numbering: {
      config: [
        {
          reference: numbering,
          levels: [{ level: 0, format: LevelFormat.DECIMAL, text: "%1." }],
        },
      ],
    },
    sections: sectionsOf(placed, report.paper),
  });
}

/** The report as the bytes of a DOCX file. */
export async function reportDocx(
  report: Report,
  pictures: Pictures,
): Promise<Uint8Array<ArrayBuffer>> {
  return new Uint8Array(await Packer.toArrayBuffer(reportDocument(report, pictures)));
}
