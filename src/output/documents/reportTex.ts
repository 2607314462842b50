import { cleanTexts } from "@/core/text/cleanText";
import { strToU8, zipSync } from "fflate";
import { figurePicture } from "../tex/figureTex";
import { texOfRuns, texOfText } from "../tex/texText";
import {
  type Inline,
  longestLabel,
  type Report,
  type ReportCell,
  type ReportHead,
  type ReportNode,
  type ReportTable,
  shownNodes,
  type WorkingLine,
} from "../report/report";
import { captionWords, withoutCaption } from "./figureParts";
import { sceneTikz } from "./sceneTikz";

const commands = {
  ...{ bold: "textbf", italic: "textit", sub: "textsubscript", super: "textsuperscript" },
} as const;

const label = (anchor: string) => anchor.replace(/[^A-Za-z0-9:]/g, "-");

function inlineTex(inline: Inline): string {
  switch (inline.kind) {
    case "text":
      return (inline.marks ?? []).reduce(
        (inner, mark) => `\\${commands[mark]}{${inner}}`,
        texOfText(inline.text),
      );
    case "value":
      return texOfRuns(inline.runs);
    case "reference": {
      const word = inline.to.startsWith("figure:") ? "Figure" : "Table";
      return inline.text.includes("(")
        ? texOfText(inline.text)
        : `${word}~\\ref{${label(inline.to)}}`;
    }
    case "formula":
      return `$${mathTex(inline.tex)}$`;
  }
}

/** Letters that TeX takes in formulas only by name. */
function mathTex(tex: string): string {
  return tex.replaceAll("Ω", "\\Omega ").replaceAll("µ", "\\mu ");
}

function headTex({ runs, uncertainty, span }: ReportHead): string {
  const words = texOfRuns(runs);
  const bar = uncertainty ? ` (${texOfText(uncertainty)})` : "";
  return span > 1 ? `\\multicolumn{${span}}{c}{${words}}` : `${words}${bar}`;
}

function cellTex({ runs, uncertainty, aside }: ReportCell): string {
  const value = texOfRuns(runs);
  const struck = aside ? `\\struck{${value}}\\textsuperscript{${aside}}` : value;
  return uncertainty ? `${struck} ${texOfText(uncertainty)}` : struck;
}

function tableTex({ heads, groups, notes }: ReportTable): string[] {
  const columns = (heads.at(-1) ?? []).length;
  const line = (cells: readonly string[]) => `${cells.join(" & ")} \\\\`;
  return [
    `\\begin{tabular}{${"r".repeat(columns)}}`,
    "\\toprule",
    ...heads.map((head) => line(head.map(headTex))),
    "\\midrule",
    ...groups.flatMap(({ name, rows }) => [
      ...(name ? [`\\multicolumn{${columns}}{l}{\\textit{${texOfText(name)}}} \\\\`] : []),
      ...rows.map((cells) => line(cells.map(cellTex))),
    ]),
    "\\bottomrule",
    "\\end{tabular}",
    ...notes.map(
      ({ letter, text }) => `\\par\\footnotesize\\textsuperscript{${letter}} ${texOfText(text)}`,
    ),
  ];
}

const figureFile = (number: number) => `figures/figure-${number}.tex`;

/** Lines of working, all formulas behind the longest of the words that say what they are. */
function workingTex(lines: readonly WorkingLine[]): string {
  const room = Math.max(9, Math.ceil(longestLabel(lines) * 0.5 + 1));
  return lines
    .map(({ label: word, of, tex }) => {
      const named = `${texOfText(word)}${of ? ` $${mathTex(of)}$` : ""}`;
      return `\\noindent\\makebox[${room}em][l]{${named}}$\\displaystyle ${mathTex(tex)}$\\par\\smallskip`;
    })
    .join("\n");
}

function nodeTex(node: ReportNode): string {
  switch (node.kind) {
    case "title":
      return "\\maketitle";
    case "heading":
      return `\\section*{${texOfText(node.text)}}`;
    case "paragraph":
      return `${node.inlines.map(inlineTex).join("")}\n`;
    case "bullet":
      return `\\begin{itemize}\n\\item ${node.inlines.map(inlineTex).join("")}\n\\end{itemize}`;
    case "number":
      return `\\begin{enumerate}\n\\item ${node.inlines.map(inlineTex).join("")}\n\\end{enumerate}`;
    case "table":
      return [
        "\\begin{table}[htbp]\n\\centering",
        `\\caption{${texOfRuns(node.caption)}}\\label{${label(node.anchor)}}`,
        ...tableTex(node.table),
        "\\end{table}",
      ].join("\n");
    case "figure":
      return [
        "\\begin{figure}[htbp]\n\\centering",
        `\\resizebox{\\textwidth}{!}{\\input{${figureFile(node.number)}}}`,
        `\\caption{${texOfRuns(captionWords(node.figure))}}\\label{${label(node.anchor)}}`,
        "\\end{figure}",
      ].join("\n");
    case "working":
      return workingTex(node.lines);
    case "statement":
      return `\\[ \\boxed{${mathTex(node.tex)}} \\]`;
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
    .map(nodeTex)
    .join("\n")
    .replace(/\\end\{(itemize|enumerate)\}\n\\begin\{\1\}\n/g, "");
  const source = [
    `\\documentclass[${report.paper === "a4" ? "a4paper" : "letterpaper"},11pt]{article}`,
    "\\usepackage[T1]{fontenc}\n\\usepackage[utf8]{inputenc}\n\\usepackage{amsmath,amssymb,booktabs,graphicx,textcomp}",
    "\\usepackage[margin=2.3cm]{geometry}\n\\usepackage{pgfplots}\n\\pgfplotsset{compat=1.16}",
    "\\newcommand{\\struck}[1]{\\tikz[baseline=(a.base)]{\\node[inner sep=0pt](a){#1};\\draw (a.west) -- (a.east);}}",
    `\\title{${texOfText(report.title)}}\n\\author{${texOfText(report.authors)}}\n\\date{}`,
    "\\begin{document}",
    body,
    "\\end{document}",
    "",
  ].join("\n");
  return { "report.tex": source, ...Object.fromEntries(figures) };
}

/** The TeX source with its figures in one ZIP. */
export function reportTexZip(report: Report): Uint8Array<ArrayBuffer> {
  const files = Object.entries(reportTexFiles(report));
  return zipSync(Object.fromEntries(files.map(([name, text]) => [name, strToU8(text)])));
}
