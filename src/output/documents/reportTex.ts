import { cleanTexts } from "@/core/text/cleanText";
import { beginsAtRight } from "@/figure/fonts/bothWays";
import { strToU8, zipSync } from "fflate";
import { figurePicture } from "../tex/figureTex";
import { texOfRuns, texOfText } from "../tex/texText";
import { fetchedFont, type FontFetcher } from "../fonts/fetchedFont";
import {
  type Inline,
  longestLabel,
  type Report,
  type ReportNode,
  shownNodes,
  type WorkingLine,
} from "../report/report";
import { lettersPreamble } from "../tex/preamble";
import { texFonts } from "../tex/texFonts";
import { formulaTex } from "../tex/texLetters";
import { captionWords, withoutCaption } from "./figureParts";
import { sceneTikz } from "./sceneTikz";
import { labelTex, tableTex } from "./texTable";

const commands = {
  bold: "textbf",
  italic: "textit",
  sub: "textsubscript",
  super: "textsuperscript",
} as const;

function inlineTex(inline: Inline, atRight = false): string {
  switch (inline.kind) {
    case "text":
      return (inline.marks ?? []).reduce(
        (inner, mark) => `\\${commands[mark]}{${inner}}`,
        texOfText(inline.text, atRight),
      );
    case "value":
      return texOfRuns(inline.runs);
    case "reference":
      return inline.word === undefined
        ? texOfText(inline.text)
        : `${texOfText(inline.word)}~\\ref{${labelTex(inline.to)}}`;
    case "formula":
      return `$${formulaTex(inline.tex)}$`;
  }
}

/** The words of a paragraph or an item, begun at the right where they are read from there. */
function wordsTex(inlines: readonly Inline[]): string {
  const text = inlines.map((one) => (one.kind === "text" ? one.text : "")).join("");
  const atRight = beginsAtRight(text);
  const words = inlines.map((one) => inlineTex(one, atRight)).join("");
  return atRight ? `{\\fromright ${words}\\par}` : words;
}

/** Names of captions, hyphens and quotation marks of a language; shorthands of signs that stand in the text are switched off. */
const babel: Readonly<Record<Report["language"], string>> = {
  en: "\\IfFileExists{british.ldf}{\\usepackage[british]{babel}}{}",
  de: [
    '\\IfFileExists{ngerman.ldf}{\\usepackage[ngerman]{babel}\\AtBeginDocument{\\shorthandoff{"}}}',
    "  {\\renewcommand{\\figurename}{Abbildung}\\renewcommand{\\tablename}{Tabelle}}",
  ].join("\n"),
};

const figureFile = (number: number) => `figures/figure-${number}.tex`;

/** Lines of working, all formulas behind the longest of the words that say what they are. */
function workingTex(lines: readonly WorkingLine[]): string {
  const room = Math.max(9, Math.ceil(longestLabel(lines) * 0.5 + 1));
  return lines
    .map(({ label: word, of, tex }) => {
      const named = `${texOfText(word)}${of ? ` $${formulaTex(of)}$` : ""}`;
      return `\\noindent\\makebox[${room}em][l]{${named}}$\\displaystyle ${formulaTex(tex)}$\\par\\smallskip`;
    })
    .join("\n");
}

function nodeTex(node: ReportNode, paper: Report["paper"]): string {
  switch (node.kind) {
    case "title":
      return "\\maketitle";
    case "heading":
      return `\\section*{${texOfText(node.text)}}`;
    case "paragraph":
      return `${wordsTex(node.inlines)}\n`;
    case "bullet":
      return `\\begin{itemize}\n\\item ${wordsTex(node.inlines)}\n\\end{itemize}`;
    case "number":
      return `\\begin{enumerate}\n\\item ${wordsTex(node.inlines)}\n\\end{enumerate}`;
    case "table":
      return tableTex(node, paper);
    case "figure":
      return [
        "\\begin{figure}[htbp]\n\\centering",
        `\\resizebox{\\textwidth}{!}{\\input{${figureFile(node.number)}}}`,
        `\\caption{${texOfRuns(captionWords(node.figure))}}\\label{${labelTex(node.anchor)}}`,
        "\\end{figure}",
      ].join("\n");
    case "working":
      return workingTex(node.lines);
    case "statement":
      return `\\[ \\boxed{${formulaTex(node.tex)}} \\]`;
    case "number-line":
      return `\\begin{center}\n${sceneTikz(node.scene)}\n\\end{center}`;
  }
}

/** The report as TeX source, its figures in files of their own. */
export function reportTexFiles(given: Report): Readonly<Record<string, string>> {
  const report = cleanTexts(given);
  const nodes = shownNodes(report);
  const figures = nodes.flatMap((node): [string, string][] =>
    node.kind === "figure"
      ? [[figureFile(node.number), `${figurePicture(withoutCaption(node.figure))}\n`]]
      : [],
  );
  const body = nodes
    .map((node) => nodeTex(node, report.paper))
    .join("\n")
    .replace(/\\end\{(itemize|enumerate)\}\n\\begin\{\1\}\n/g, "");
  const title = `\\title{${texOfText(report.title)}}\n\\author{${texOfText(report.authors)}}\n\\date{}`;
  const everything = [title, body, ...figures.map(([, text]) => text)].join("\n");
  const source = [
    `\\documentclass[${report.paper === "a4" ? "a4paper" : "letterpaper"},11pt]{article}`,
    lettersPreamble(everything),
    babel[report.language],
    "\\usepackage{booktabs,longtable,pdflscape,graphicx}",
    "\\usepackage[margin=2.3cm]{geometry}\n\\usepackage{pgfplots}\n\\pgfplotsset{compat=1.16}",
    "\\newcommand{\\struck}[1]{\\tikz[baseline=(a.base)]{\\node[inner sep=0pt](a){#1};\\draw (a.west) -- (a.east);}}",
    title,
    "\\begin{document}",
    body,
    "\\end{document}",
    "",
  ].join("\n");
  return { "report.tex": source, ...Object.fromEntries(figures) };
}

/** The TeX source with its figures, and the fonts that it needs, in one ZIP. */
export async function reportTexZip(
  report: Report,
  fetchFont: FontFetcher = fetchedFont,
): Promise<Uint8Array<ArrayBuffer>> {
  const files = Object.entries(reportTexFiles(report));
  const fonts = await texFonts(
    files.map(([, text]) => text),
    fetchFont,
  );
  const texts = Object.fromEntries(files.map(([name, text]) => [name, strToU8(text)]));
  return zipSync({ ...texts, ...fonts });
}
