"use client";

import "katex/dist/katex.min.css";
import katex from "katex";

const remembered = 500;
const typeset = new Map<string, string>();

/** A formula as HTML; those of late are remembered, for a stage that is opened again. */
export function htmlOf(tex: string, displayMode = false): string {
  const key = `${displayMode} ${tex}`;
  let html = typeset.get(key);
  if (html === undefined) {
    html = katex.renderToString(tex, { displayMode, throwOnError: false, strict: false });
    if (typeset.size >= remembered) typeset.clear();
    typeset.set(key, html);
  }
  return html;
}

/** A formula as it is printed, with MathML beside it for those who hear it. */
export function Typeset({ tex, display = false }: { tex: string; display?: boolean }) {
  return <span dangerouslySetInnerHTML={{ __html: htmlOf(tex, display) }} />;
}

/** A formula as MathML alone, as word processors take it. */
export function mathMlOf(tex: string): string {
  const html = katex.renderToString(tex, { output: "mathml", throwOnError: false, strict: false });
  return /<math[\s\S]*<\/math>/.exec(html)?.[0] ?? "";
}
