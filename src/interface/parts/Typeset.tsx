"use client";

import "katex/dist/katex.min.css";
import katex from "katex";
import { useMemo } from "react";

/** A formula as it is printed, with MathML beside it for those who hear it. */
export function Typeset({ tex, display = false }: { tex: string; display?: boolean }) {
  const html = useMemo(
    () => katex.renderToString(tex, { displayMode: display, throwOnError: false, strict: false }),
    [tex, display],
  );
  return <span dangerouslySetInnerHTML={{ __html: html }} />;
}

/** A formula as MathML alone, as word processors take it. */
export function mathMlOf(tex: string): string {
  const html = katex.renderToString(tex, { output: "mathml", throwOnError: false, strict: false });
  return /<math[\s\S]*<\/math>/.exec(html)?.[0] ?? "";
}
