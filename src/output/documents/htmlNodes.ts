import type { Element, ElementContent as Content } from "hast";
import { fromHtml } from "hast-util-from-html";
import { h } from "hastscript";
import katex from "katex";
import type { RunText } from "@/core/unit/runText";
import { plainMath, readTex } from "@/figure/maths/readTex";
import type {
  Inline,
  ReportCell,
  ReportHead,
  ReportNode,
  ReportTable,
  WorkingLine,
} from "../report/report";
import { bareScene, captionWords } from "./figureParts";
import { htmlDrawing } from "./htmlDrawing";

const words = (value: string): Content => ({ type: "text", value });

function isNamed(name: string) {
  return (node: Content): node is Element => node.type === "element" && node.tagName === name;
}

/** A formula as KaTeX writes it in MathML, without its TeX; what KaTeX cannot read stands in plain letters. */
function mathMl(tex: string): Content {
  const html = katex.renderToString(tex, { output: "mathml", throwOnError: false, strict: false });
  const [wrapper] = fromHtml(html, { fragment: true }).children;
  const math = wrapper?.type === "element" && wrapper.children.find(isNamed("math"));
  if (!math) return words(plainMath(readTex(tex)));
  const meant = math.children.find(isNamed("semantics"));
  if (meant) meant.children = meant.children.filter((one) => !isNamed("annotation")(one));
  return math;
}

const tags = { bold: "b", italic: "i", sub: "sub", super: "sup" } as const;

function runs(given: RunText): Content[] {
  return given.map(({ text, italic, script }) => {
    const inner = italic ? h("i", [text]) : words(text);
    return script ? h(tags[script], [inner]) : inner;
  });
}

const anchorId = (anchor: string) => anchor.replace(":", "-");

function inlines(given: readonly Inline[]): Content[] {
  return given.flatMap((inline): Content | Content[] => {
    switch (inline.kind) {
      case "text":
        return (inline.marks ?? []).reduce<Content>(
          (inner, mark) => h(tags[mark], [inner]),
          words(inline.text),
        );
      case "value":
        return runs(inline.runs);
      case "reference":
        return h("a", { href: `#${anchorId(inline.to)}` }, [inline.text]);
      case "formula":
        return mathMl(inline.tex);
    }
  });
}

function headCell({ runs: name, uncertainty, span }: ReportHead): Element {
  if (name.length === 0) return h("td", { colSpan: span });
  const over = span > 1 ? { colSpan: span, scope: "colgroup" } : { scope: "col" };
  const bar = uncertainty ? [h("br"), h("span.bar", [uncertainty])] : [];
  return h("th", over, [...runs(name), ...bar]);
}

function bodyCell({ runs: value, uncertainty, aside }: ReportCell): Element {
  const shown = aside ? [h("s", runs(value)), h("sup", [aside])] : runs(value);
  return h("td", [...shown, ...(uncertainty ? [h("span.bar", [` ${uncertainty}`])] : [])]);
}

function table({ heads, groups, notes }: ReportTable): Element[] {
  const columns = (heads.at(-1) ?? []).length;
  const bodies = groups.map(({ name, rows }) => {
    const over = { colSpan: columns, scope: "rowgroup" };
    const named = name ? [h("tr", [h("th.series", over, [name])])] : [];
    return h("tbody", [...named, ...rows.map((cells) => h("tr", cells.map(bodyCell)))]);
  });
  const under = notes.map(({ letter, text }) => h("p.note", [h("sup", [letter]), ` ${text}`]));
  const head = heads.map((line) => h("tr", line.map(headCell)));
  return [h("table", [h("thead", head), ...bodies]), ...under];
}

const caption = (called: string, text: RunText) =>
  h("figcaption", [h("b", [`${called}.`]), " ", ...runs(text)]);

function workingLines(lines: readonly WorkingLine[]): Element {
  const parts = lines.flatMap(({ label, of, tex, tone }) => [
    h("dt", of ? [label, " ", mathMl(of)] : [label]),
    h("dd", { className: [tone] }, [mathMl(`\\displaystyle ${tex}`)]),
  ]);
  return h("dl", parts);
}

/** One node of a report; an item of a list by itself. */
function elements(node: ReportNode): Element[] {
  switch (node.kind) {
    case "title":
      return [h("h1", [node.text]), ...(node.authors ? [h("p.authors", [node.authors])] : [])];
    case "heading":
      return [h("h2", [node.text])];
    case "paragraph":
      return [h("p", inlines(node.inlines))];
    case "bullet":
    case "number":
      return [h("li", inlines(node.inlines))];
    case "table": {
      const named = caption(node.called, node.caption);
      return [h("figure", { id: anchorId(node.anchor) }, [named, ...table(node.table)])];
    }
    case "figure": {
      const { figure, anchor } = node;
      const drawn = htmlDrawing(bareScene(figure), node.description);
      const named = caption(node.called, captionWords(figure));
      return [h("figure", { id: anchorId(anchor) }, [drawn, named])];
    }
    case "working":
      return [workingLines(node.lines)];
    case "statement":
      return [h("p.statement", [mathMl(node.tex)])];
    case "number-line":
      return [h("figure", [htmlDrawing(node.scene, node.description)])];
  }
}

/** The nodes of a report as elements of a web page; items that follow one another are one list. */
export function htmlNodes(nodes: readonly ReportNode[]): Content[] {
  const found: Element[] = [];
  let last: ReportNode["kind"] | undefined;
  for (const node of nodes) {
    const own = elements(node);
    const isItem = node.kind === "bullet" || node.kind === "number";
    if (isItem && node.kind === last) found.at(-1)?.children.push(...own);
    else if (node.kind === "bullet") found.push(h("ul", own));
    else if (node.kind === "number") found.push(h("ol", { start: node.ordinal ?? 1 }, own));
    else found.push(...own);
    last = node.kind;
  }
  return found.flatMap((one) => [one, words("\n")]);
}
