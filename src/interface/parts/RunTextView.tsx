import type { RunText } from "@/core/unit/runText";

/** Typeset text: symbols in the serif italic, powers raised, subscripts lowered. */
export function RunTextView({ runs }: { runs: RunText }) {
  return runs.map(({ text, italic, script }, index) => {
    const inner = italic ? <i className="font-serif">{text}</i> : text;
    if (script === "super") return <sup key={index}>{inner}</sup>;
    if (script === "sub") return <sub key={index}>{inner}</sub>;
    return <span key={index}>{inner}</span>;
  });
}
