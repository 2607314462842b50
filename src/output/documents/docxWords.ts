import { Bookmark, Math as OfficeMath, type ParagraphChild, SimpleField, TextRun } from "docx";
import { goesLeft } from "@/figure/fonts/bothWays";
import type { TextMark } from "@/investigation/model/richText";
import type { Inline, ReportNode } from "../report/report";
import { docxRuns } from "./docxTable";
import { officeMath } from "./officeMath";

export const math = (tex: string) => new OfficeMath({ children: officeMath(tex) });

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

/** Part of a line as runs, fields and formulas. */
export function inlineDocx(inline: Inline): ParagraphChild[] {
  switch (inline.kind) {
    case "text": {
      const rightToLeft = goesLeft(inline.text);
      return [new TextRun({ text: inline.text, rightToLeft, ...marked(inline.marks ?? []) })];
    }
    case "value":
      return docxRuns(inline.runs);
    case "reference":
      return inline.word === undefined
        ? [new TextRun(inline.text)]
        : [new SimpleField(`REF ${bookmark(inline.to)} \\h`, inline.text)];
    case "formula":
      return [math(inline.tex)];
  }
}

/** "Table 2." with its number as a field, which cross-references point to: the first time that it stands there. */
export function label(
  { number, anchor, called }: Extract<ReportNode, { kind: "table" | "figure" }>,
  named: Set<string>,
): ParagraphChild[] {
  const [word = ""] = called.split(" ");
  const behind = new TextRun({ text: ". ", bold: true });
  const words = new TextRun({ text: `${word}\u00a0`, bold: true });
  const id = bookmark(anchor);
  if (named.has(id)) return [words, new SimpleField(`REF ${id} \\n`, String(number)), behind];
  named.add(id);
  const field = new SimpleField(`SEQ ${word} \\* ARABIC`, String(number));
  return [new Bookmark({ id, children: [words, field] }), behind];
}
