import { withGreekLetters } from "@/core/unit/symbolText";

/** A pasted heading taken apart: "overhang L / m" is name, symbol and unit. Absent parts are "". */
export interface Heading {
  readonly name: string;
  readonly symbol: string;
  readonly unit: string;
}

/** One letter (perhaps after Δ), with subscripts and powers: L, t_10, T², Δh, λ. */
const symbolPattern =
  /^[ΔδΣ]?\p{L}(?:_\{?[\p{L}\p{N},]+\}?|\d{0,2})?(?:\^?[\d⁰¹²³⁴⁵⁶⁷⁸⁹+\-−⁻./()]+)?$/u;

function splitUnit(text: string): { label: string; unit: string } {
  const bracketed = /^(.*?)\s*[([]\s*([^()[\]]*(?:\([^()]*\)[^()[\]]*)?)\s*[)\]]$/.exec(text);
  if (bracketed) {
    return { label: (bracketed[1] ?? "").replace(/\s*\/$/, ""), unit: bracketed[2] ?? "" };
  }
  const slash = /^(.*?)\s*\/\s*(.+)$/.exec(text);
  return slash ? { label: slash[1] ?? "", unit: slash[2] ?? "" } : { label: text, unit: "" };
}

function isSymbol(text: string): boolean {
  return symbolPattern.test(withGreekLetters(text));
}

/** Takes a heading such as `overhang L / m`, `time, t (s)`, `T^2 / s^2` or `period` apart. */
export function readHeading(text: string): Heading {
  const spelled = text.replace(/\s+/g, " ").replace(/\bu\s?\(([^()]+)\)/, "u_$1");
  const { label, unit } = splitUnit(spelled.trim());
  const words = label.split(/,\s*|\s+/).filter((word) => word !== "");
  const last = words[words.length - 1] ?? "";
  const pair = words.slice(-2).join(" ");
  if (
    words.length >= 2 &&
    /^(?:Delta|delta)$/.test(words[words.length - 2] ?? "") &&
    isSymbol(pair)
  ) {
    return { name: words.slice(0, -2).join(" "), symbol: pair, unit };
  }
  if (!isSymbol(last)) return { name: label.trim(), symbol: "", unit };
  const name = label
    .slice(0, label.lastIndexOf(last))
    .replace(/[\s,]+$/, "")
    .trim();
  return { name, symbol: last, unit };
}
