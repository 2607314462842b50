"use client";

import "katex/dist/katex.min.css";
import katex from "katex";
import { useCallback } from "react";

const remembered = 500;
const typeset = new Map<string, DocumentFragment>();

/** A typeset formula, to be copied where it is shown; those of late are remembered, for a stage that is opened again. */
export function formulaOf(tex: string, displayMode = false): DocumentFragment {
  const key = `${displayMode} ${tex}`;
  let formula = typeset.get(key);
  if (!formula) {
    const template = document.createElement("template");
    template.innerHTML = katex.renderToString(tex, {
      displayMode,
      throwOnError: false,
      strict: false,
    });
    if (typeset.size >= remembered) typeset.clear();
    typeset.set(key, (formula = template.content));
  }
  return formula;
}

/** A formula as it is printed, with MathML beside it for those who hear it. */
export function Typeset({ tex, display = false }: { tex: string; display?: boolean }) {
  const put = useCallback(
    (place: HTMLSpanElement | null) =>
      place?.replaceChildren(document.importNode(formulaOf(tex, display), true)),
    [tex, display],
  );
  return <span ref={put} />;
}

/** A formula as MathML alone, as word processors take it. */
export function mathMlOf(tex: string): string {
  const html = katex.renderToString(tex, { output: "mathml", throwOnError: false, strict: false });
  return /<math[\s\S]*<\/math>/.exec(html)?.[0] ?? "";
}
