import { cleanTexts } from "@/core/text/cleanText";
import { strToU8, zipSync } from "fflate";
import type { RunText } from "@/core/unit/runText";
import type { TextMark } from "@/investigation/model/richText";
import {
  type Inline,
  type Report,
  type ReportCell,
  type ReportHead,
  type ReportNode,
  type ReportTable,
  shownNodes,
} from "../report/report";
import { captionWords } from "./figureParts";
import type { Pictures } from "./pictures";

const escaped = (text: string) => text.replace(/[\\`*_{}[\]#|<>$~^&@]/g, "\\$&");

const around = { bold: "**", italic: "*", sub: "~", super: "^" } as const;

/** Words within their marks; raised and lowered ones hold no bare space. */
function within(mark: TextMark, words: string): string {
  const [before = "", inner = "", behind = ""] = /^(\s*)(.*?)(\s*)$/s.exec(words)?.slice(1) ?? [];
  if (inner === "") return words;
  const script = mark === "sub" || mark === "super";
  const written = script ? inner.replace(/\s/g, "\\$&") : inner;
  return `${before}${around[mark]}${written}${around[mark]}${behind}`;
}

/** Lines that begin like an item of a list, a rule or an underline are words nevertheless. */
function asWords(text: string): string {
  return text
    .split("\n")
    .map((line) =>
      line
        .replace(/^(\s*)([-+=:%])/, "$1\\$2")
        .replace(/^(\s*\(?(?:\d+|[A-Za-z]+))([.)])(?=\s|$)/, "$1\\$2"),
    )
    .join("\\\n");
}

function runsMarkdown(runs: RunText): string {
  return runs
    .map(({ text, italic, script }) => {
      const inner = italic ? within("italic", escaped(text)) : escaped(text);
      return script ? within(script, inner) : inner;
    })
    .join("");
}

function inlineMarkdown(inline: Inline): string {
  switch (inline.kind) {
    case "text":
      return (inline.marks ?? []).reduce(
        (inner, mark) => within(mark, inner),
        escaped(inline.text),
      );
    case "value":
      return runsMarkdown(inline.runs);
    case "reference":
      return escaped(inline.text);
    case "formula":
      return `$${inline.tex.trim()}$`;
  }
}

function headMarkdown({ runs, uncertainty }: ReportHead): string {
  return `${runsMarkdown(runs)}${uncertainty ? ` ${uncertainty}` : ""}`;
}

function cellMarkdown({ runs, uncertainty, aside }: ReportCell): string {
  const value = runsMarkdown(runs);
  const struck = aside ? `~~${value}~~^${aside}^` : value;
  return uncertainty ? `${struck} ${uncertainty}` : struck;
}

/** One line of headings, as Markdown has no more: what stands over several columns goes before each. */
function flatHeads({ heads }: ReportTable): string[] {
  const [upper, lower] = heads;
  if (!upper) return [];
  if (!lower) return upper.map(headMarkdown);
  const over = upper.flatMap((head) =>
    Array.from({ length: head.span }, () =>
      head.runs.length > 0 ? `${headMarkdown(head)}, ` : "",
    ),
  );
  return lower.map((head, i) => `${over[i] ?? ""}${headMarkdown(head)}`);
}

function tableMarkdown(table: ReportTable): string {
  const line = (cells: readonly string[]) => `| ${cells.join(" | ").replaceAll("\n", " ")} |`;
  const heads = flatHeads(table);
  const named = table.groups.some(({ name }) => name !== undefined);
  const lead = (name: string | undefined) => (named ? [name ? escaped(name) : ""] : []);
  return [
    line([...(named ? [escaped(table.grouped)] : []), ...heads]),
    line([...(named ? [":--"] : []), ...heads.map(() => "--:")]),
    ...table.groups.flatMap(({ name, rows }) =>
      rows.map((cells) => line([...lead(name), ...cells.map(cellMarkdown)])),
    ),
    ...table.notes.map(({ letter, text }) => `\n^${letter}^ ${escaped(text)}`),
  ].join("\n");
}

const pictureFile = (place: number) => `pictures/picture-${place + 1}.png`;

function nodeMarkdown(node: ReportNode, place: number): string {
  switch (node.kind) {
    case "title":
      return `# ${escaped(node.text)}${node.authors ? `\n\n*${escaped(node.authors)}*` : ""}`;
    case "heading":
      return `## ${escaped(node.text)}`;
    case "paragraph":
      return asWords(node.inlines.map(inlineMarkdown).join(""));
    case "bullet":
      return `- ${asWords(node.inlines.map(inlineMarkdown).join(""))}`;
    case "number":
      return `${node.ordinal}. ${asWords(node.inlines.map(inlineMarkdown).join(""))}`;
    case "table":
      return `**${node.called}.** ${runsMarkdown(node.caption)}\n\n${tableMarkdown(node.table)}`;
    case "figure":
      return `![${escaped(node.description)}](${pictureFile(place)})\n\n**${node.called}.** ${runsMarkdown(captionWords(node.figure))}`;
    case "working":
      return node.lines
        .map(
          ({ label, of, tex }) =>
            `- ${escaped(label)}${of ? ` $${of.trim()}$` : ""}: $${tex.trim()}$`,
        )
        .join("\n");
    case "statement":
      return `$$${node.tex.trim()}$$`;
    case "number-line":
      return `![${escaped(node.description)}](${pictureFile(place)})`;
  }
}

/** The report as Markdown with tables, formulas between dollar signs, and links to its pictures. */
export function reportMarkdown(report: Report): string {
  return `${shownNodes(cleanTexts(report)).map(nodeMarkdown).join("\n\n")}\n`;
}

/** The Markdown with its pictures, as points and as vectors, in one ZIP. */
export function reportMarkdownZip(report: Report, pictures: Pictures): Uint8Array<ArrayBuffer> {
  const files: Record<string, Uint8Array> = { "report.md": strToU8(reportMarkdown(report)) };
  for (const [place, { png, svg }] of pictures) {
    files[pictureFile(place)] = png;
    files[pictureFile(place).replace(".png", ".svg")] = strToU8(svg);
  }
  return zipSync(files);
}
