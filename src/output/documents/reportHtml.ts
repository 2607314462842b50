import { cleanTexts } from "@/core/text/cleanText";
import katex from "katex";
import { svgText } from "@/figure/render/svgText";
import type { Scene } from "@/figure/scene";
import type { RunText } from "@/core/unit/runText";
import { figureDescription } from "@/wording/figures";
import { embeddedFontFaces } from "../fonts/fontFaces";
import {
  type Inline,
  type Report,
  type ReportCell,
  type ReportHead,
  type ReportNode,
  type ReportTable,
  shownNodes,
} from "../report/report";
import { plainMath, readTex } from "@/figure/maths/readTex";
import { bareScene, captionWords } from "./figureParts";

const escapes: Readonly<Record<string, string>> = {
  "&": "&amp;",
  "<": "&lt;",
  ">": "&gt;",
  '"': "&quot;",
};
const escaped = (text: string) => text.replace(/[&<>"]/g, (one) => escapes[one] as string);

function mathMl(tex: string): string {
  const html = katex.renderToString(tex, { output: "mathml", throwOnError: false, strict: false });
  const math = /<math[\s\S]*<\/math>/.exec(html)?.[0] ?? escaped(plainMath(readTex(tex)));
  return math.replace(/<annotation[\s\S]*?<\/annotation>/g, "");
}

const tags = { bold: "b", italic: "i", sub: "sub", super: "sup" } as const;

function runsHtml(runs: RunText): string {
  return runs
    .map(({ text, italic, script }) => {
      const inner = italic ? `<i>${escaped(text)}</i>` : escaped(text);
      return script ? `<${tags[script]}>${inner}</${tags[script]}>` : inner;
    })
    .join("");
}

const anchorId = (anchor: string) => escaped(anchor.replace(":", "-"));

function inlineHtml(inline: Inline): string {
  switch (inline.kind) {
    case "text":
      return (inline.marks ?? []).reduce(
        (inner, mark) => `<${tags[mark]}>${inner}</${tags[mark]}>`,
        escaped(inline.text),
      );
    case "value":
      return runsHtml(inline.runs);
    case "reference":
      return `<a href="#${anchorId(inline.to)}">${escaped(inline.text)}</a>`;
    case "formula":
      return mathMl(inline.tex);
  }
}

function headHtml({ runs, uncertainty, span }: ReportHead): string {
  const scope = span > 1 ? `colspan="${span}" scope="colgroup"` : 'scope="col"';
  const bar = uncertainty ? `<br><span class="bar">${escaped(uncertainty)}</span>` : "";
  return runs.length === 0 ? `<td colspan="${span}"></td>` : `<th ${scope}>${runsHtml(runs)}${bar}</th>`; // prettier-ignore
}

function cellHtml({ runs, uncertainty, aside }: ReportCell): string {
  const value = aside ? `<s>${runsHtml(runs)}</s><sup>${escaped(aside)}</sup>` : runsHtml(runs);
  return `<td>${value}${uncertainty ? `<span class="bar"> ${escaped(uncertainty)}</span>` : ""}</td>`;
}

function tableHtml({ heads, groups, notes }: ReportTable): string {
  const columns = (heads.at(-1) ?? []).length;
  const head = heads.map((line) => `<tr>${line.map(headHtml).join("")}</tr>`).join("");
  const bodies = groups.map(({ name, rows }) => {
    const named = name
      ? `<tr><th colspan="${columns}" scope="rowgroup" class="series">${escaped(name)}</th></tr>`
      : "";
    const lines = rows.map((cells) => `<tr>${cells.map(cellHtml).join("")}</tr>`).join("");
    return `<tbody>${named}${lines}</tbody>`;
  });
  const under = notes
    .map(({ letter, text }) => `<p class="note"><sup>${letter}</sup> ${escaped(text)}</p>`)
    .join("");
  return `<table><thead>${head}</thead>${bodies.join("")}</table>${under}`;
}

function nodeHtml(node: ReportNode): string {
  switch (node.kind) {
    case "title":
      return `<h1>${escaped(node.text)}</h1>${node.authors ? `<p class="authors">${escaped(node.authors)}</p>` : ""}`;
    case "heading":
      return `<h2>${escaped(node.text)}</h2>`;
    case "paragraph":
      return `<p>${node.inlines.map(inlineHtml).join("")}</p>`;
    case "bullet":
      return `<ul><li>${node.inlines.map(inlineHtml).join("")}</li></ul>`;
    case "number":
      return `<ol start="${node.ordinal ?? 1}"><li>${node.inlines.map(inlineHtml).join("")}</li></ol>`;
    case "table":
      return `<figure id="${anchorId(node.anchor)}"><figcaption><b>Table ${node.number}.</b> ${runsHtml(node.caption)}</figcaption>${tableHtml(node.table)}</figure>`;
    case "figure":
      return `<figure id="${anchorId(node.anchor)}">${svgText(bareScene(node.figure), figureDescription(node.figure), "")}<figcaption><b>Figure ${node.number}.</b> ${runsHtml(captionWords(node.figure))}</figcaption></figure>`;
    case "working":
      return `<dl>${node.lines.map(({ label, of, tex, tone }) => `<dt>${escaped(label)}${of ? ` ${mathMl(of)}` : ""}</dt><dd class="${tone}">${mathMl(`\\displaystyle ${tex}`)}</dd>`).join("")}</dl>`;
    case "statement":
      return `<p class="statement">${mathMl(node.tex)}</p>`;
    case "number-line":
      return `<figure>${svgText(node.scene, node.description, "")}</figure>`;
  }
}

const style = `
body { max-width: 46rem; margin: 2rem auto; padding: 0 1rem; color: #14323c; font: 17px/1.5 "STIX Two Text", serif; }
h1 { font-size: 1.7rem; margin-bottom: 0; } h2 { font-size: 1.2rem; margin: 1.6rem 0 0.3rem; }
.authors, dt, .note { color: #4f666e; } .bar, .uncertain { color: #b3206a; }
figure { margin: 1rem 0; } svg { max-width: 100%; height: auto; }
table { border-collapse: collapse; border-block: 1.5px solid; font: 14px "Source Sans 3", sans-serif; font-variant-numeric: tabular-nums; }
thead { border-bottom: 1px solid; } th, td { padding: 1px 8px; text-align: right; } th[colspan] { text-align: center; }
th.series { text-align: left; font-weight: 400; font-style: italic; }
dl { display: grid; grid-template-columns: 9rem 1fr; gap: 0.4rem 0.8rem; align-items: center; } dd { margin: 0; }
.stated, .statement { font-weight: 600; } .statement { font-size: 1.3rem; } .note { font-size: 0.85rem; margin: 0; }
@media (max-width: 40rem) { dl { grid-template-columns: 1fr; } }
`;

/** All scenes of a report as one, to find the fonts that they need. */
function allScenes(report: Report): Scene {
  const scenes = shownNodes(report).flatMap((node): Scene[] => {
    if (node.kind === "figure") return [bareScene(node.figure)];
    return node.kind === "number-line" ? [node.scene] : [];
  });
  const [first] = scenes;
  const shapes = scenes.flatMap((scene) => scene.shapes);
  return { width: first?.width ?? 0, height: first?.height ?? 0, shapes, spots: [] };
}

/** The report as one web page with everything inside: figures as SVG, formulas as MathML, fonts. */
export async function reportHtml(
  given: Report,
  fonts: (scene: Scene) => Promise<string> = embeddedFontFaces,
): Promise<string> {
  const report = cleanTexts(given);
  const joinedLists = shownNodes(report)
    .map(nodeHtml)
    .join("\n")
    .replace(/<\/ul>\n<ul>/g, "\n")
    .replace(/<\/ol>\n<ol start="\d+">/g, "\n");
  return [
    "<!doctype html>",
    `<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">`,
    `<title>${escaped(report.title)}</title><style>${await fonts(allScenes(report))}${style}</style></head>`,
    `<body><main>${joinedLists}</main></body></html>`,
    "",
  ].join("\n");
}
