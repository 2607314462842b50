import { cleanTexts } from "@/core/text/cleanText";
import {
  Bookmark,
  Document,
  type FileChild,
  HeadingLevel,
  ImageRun,
  LevelFormat,
  Math as OfficeMath,
  Packer,
  Paragraph,
  type ParagraphChild,
  SimpleField,
  TabStopType,
  TextRun,
} from "docx";
import type { TextMark } from "@/investigation/model/richText";
import { papers } from "../papers";
import {
  type Inline,
  longestLabel,
  type Report,
  type ReportNode,
  shownNodes,
  type WorkingLine,
} from "../report/report";
import { docxRuns, docxTable } from "./docxTable";
import { captionWords } from "./figureParts";
import { officeMath } from "./officeMath";
import type { Picture, Pictures } from "./pictures";

const twipsPerPoint = 20;
const pixelsPerPoint = 96 / 72;
const margin = 66;
const numbering = "report-numbers";

const math = (tex: string) => new OfficeMath({ children: officeMath(tex) });

/** A name that a word processor takes for a bookmark. */
const bookmark = (anchor: string) => anchor.replace(/[^A-Za-z0-9]/g, "_").slice(0, 38);

function marked(marks: readonly TextMark[]) {
  return {
    ...(marks.includes("bold") && { bold: true }),
    ...(marks.includes("italic") && { italics: true }),
    ...(marks.includes("super") && { superScript: true }),
    ...(marks.includes("sub") && { subScript: true }),
  };
}

function inlineDocx(inline: Inline): ParagraphChild[] {
  switch (inline.kind) {
    case "text":
      return [new TextRun({ text: inline.text, ...marked(inline.marks ?? []) })];
    case "value":
      return docxRuns(inline.runs);
    case "reference":
      return inline.text.includes("(")
        ? [new TextRun(inline.text)]
        : [new SimpleField(`REF ${bookmark(inline.to)} \\h`, inline.text)];
    case "formula":
      return [math(inline.tex)];
  }
}

/** "Table 2." with its number as a field, which cross-references point to. */
function label(word: "Table" | "Figure", number: number, anchor: string): ParagraphChild[] {
  return [
    new Bookmark({
      id: bookmark(anchor),
      children: [
        new TextRun({ text: `${word}\u00a0`, bold: true }),
        new SimpleField(`SEQ ${word} \\* ARABIC`, String(number)),
      ],
    }),
    new TextRun({ text: ". ", bold: true }),
  ];
}

/** A picture as vectors, with points for word processors that take none. */
function image({ scene, svg, png, description }: Picture, room: number): ImageRun {
  const scale = Math.min(1, room / scene.width) * pixelsPerPoint;
  return new ImageRun({
    ...{ type: "svg", data: new TextEncoder().encode(svg) },
    fallback: { type: "png", data: png },
    transformation: {
      width: Math.round(scene.width * scale),
      height: Math.round(scene.height * scale),
    },
    altText: { name: "figure", title: "", description },
  });
}

interface Sheet {
  readonly pictures: Pictures;
  /** Width of the text, in points. */
  readonly room: number;
}

function captioned(node: Extract<ReportNode, { kind: "table" }>, room: number): FileChild[] {
  const caption = [...label("Table", node.number, node.anchor), ...docxRuns(node.caption)];
  return [
    new Paragraph({ children: caption, keepNext: true, spacing: { before: 200, after: 60 } }),
    docxTable(node.table, room * twipsPerPoint),
    ...node.table.notes.map(
      ({ letter, text }) =>
        new Paragraph({
          children: [
            new TextRun({ text: letter, superScript: true, size: 17 }),
            new TextRun({ text: ` ${text}`, size: 17 }),
          ],
        }),
    ),
    new Paragraph({ children: [] }),
  ];
}

/** Lines of working that stay on one page, with the statement that they lead to. */
function workingDocx(lines: readonly WorkingLine[], leads: boolean): FileChild[] {
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
          math(tex),
        ],
      }),
  );
}

function nodeDocx(
  node: ReportNode,
  place: number,
  next: ReportNode | undefined,
  { pictures, room }: Sheet,
): FileChild[] {
  const picture = pictures.get(place);
  switch (node.kind) {
    case "title":
      return [
        new Paragraph({ text: node.text, heading: HeadingLevel.TITLE }),
        ...(node.authors ? [new Paragraph({ text: node.authors })] : []),
      ];
    case "heading":
      return [new Paragraph({ text: node.text, heading: HeadingLevel.HEADING_1 })];
    case "paragraph":
      return [
        new Paragraph({ children: node.inlines.flatMap(inlineDocx), spacing: { after: 100 } }),
      ];
    case "bullet":
      return [new Paragraph({ children: node.inlines.flatMap(inlineDocx), bullet: { level: 0 } })];
    case "number":
      return [
        new Paragraph({
          children: node.inlines.flatMap(inlineDocx),
          numbering: { reference: numbering, level: 0 },
        }),
      ];
    case "table":
      return captioned(node, room);
    case "figure":
      return [
        ...(picture ? [new Paragraph({ children: [image(picture, room)], keepNext: true })] : []),
        new Paragraph({
          children: [
            ...label("Figure", node.number, node.anchor),
            ...docxRuns(captionWords(node.figure)),
          ],
          spacing: { after: 200 },
        }),
      ];
    case "working":
      return workingDocx(node.lines, next?.kind === "statement");
    case "statement":
      return [new Paragraph({ children: [math(node.tex)], spacing: { before: 120, after: 120 } })];
    case "number-line":
      return picture ? [new Paragraph({ children: [image(picture, room)], keepNext: true })] : [];
  }
}

/**
 * The report for word processors (Office Open XML): real tables, formulas as Office Math, figures as vectors with
 * points behind them, numbers of captions and cross-references as fields.
 */
export function reportDocument(given: Report, pictures: Pictures): Document {
  const report = cleanTexts(given);
  const [width, height] = papers[report.paper];
  const twips = (points: number) => Math.round(points * twipsPerPoint);
  const sheet: Sheet = { pictures, room: width - 2 * margin };
  const side = twips(margin);
  return new Document({
    ...{ title: report.title, creator: report.authors.trim() || "Fathom Rule" },
    styles: {
      default: {
        document: { run: { font: "Times New Roman", size: 22 } },
        title: { run: { size: 40, bold: true } },
        heading1: {
          run: { size: 27, bold: true, color: "14323C" },
          paragraph: { spacing: { before: 280, after: 80 }, keepNext: true },
        },
      },
    },
    numbering: {
      config: [
        {
          reference: numbering,
          levels: [{ level: 0, format: LevelFormat.DECIMAL, text: "%1." }],
        },
      ],
    },
    sections: [
      {
        properties: {
          page: {
            size: { width: twips(width), height: twips(height) },
            margin: { top: side, bottom: side, left: side, right: side },
          },
        },
        children: shownNodes(report).flatMap((node, place, all) =>
          nodeDocx(node, place, all[place + 1], sheet),
        ),
      },
    ],
  });
}

/** The report as the bytes of a DOCX file. */
export async function reportDocx(
  report: Report,
  pictures: Pictures,
): Promise<Uint8Array<ArrayBuffer>> {
  return new Uint8Array(await Packer.toArrayBuffer(reportDocument(report, pictures)));
}
