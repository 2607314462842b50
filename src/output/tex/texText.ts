import { cleanText } from "@/core/text/cleanText";
import type { RunText } from "@/core/unit/runText";
import type { FacedRun } from "@/figure/layout/setText";
import type { LookSpecification } from "@/figure/specification";

const escapes: Readonly<Record<string, string>> = {
  ...{ "\\": "\\textbackslash{}", "{": "\\{", "}": "\\}", "^": "\\^{}", _: "\\_", "&": "\\&" },
  ...{ "%": "\\%", $: "\\$", "#": "\\#", "~": "\\textasciitilde{}" },
  ...{ "\u00a0": "~", "\u2009": "\\,", "\u202f": "\\,", "°": "$^{\\circ}$" },
};

const signs: Readonly<Record<string, string>> = {
  "±": "pm", "−": "-", "·": "cdot", "×": "times", "÷": "div", "≈": "approx", "≠": "neq", "≤": "leq",
  "≥": "geq", "∝": "propto", "∼": "sim", "→": "rightarrow", "←": "leftarrow", "↔": "leftrightarrow",
  "⇒": "Rightarrow", "⇌": "rightleftharpoons", "∞": "infty", "√": "surd", "∂": "partial", "∑": "sum",
  "∫": "int", "∆": "Delta", "′": "prime", "∥": "parallel", "⊥": "perp", "∠": "angle", "ℓ": "ell",
  α: "alpha", β: "beta", γ: "gamma", δ: "delta", ε: "varepsilon", ζ: "zeta", η: "eta", θ: "theta",
  ϑ: "vartheta", ι: "iota", κ: "kappa", λ: "lambda", μ: "mu", ν: "nu", ξ: "xi", π: "pi", ρ: "rho",
  σ: "sigma", τ: "tau", υ: "upsilon", φ: "varphi", ϕ: "phi", χ: "chi", ψ: "psi", ω: "omega",
  Γ: "Gamma", Δ: "Delta", Θ: "Theta", Λ: "Lambda", Ξ: "Xi", Π: "Pi", Σ: "Sigma", Φ: "Phi", Ψ: "Psi",
  Ω: "Omega", "\u2126": "Omega",
}; // prettier-ignore

const raised = "⁰¹²³⁴⁵⁶⁷⁸⁹";
const lowered = "₀₁₂₃₄₅₆₇₈₉";

function letterTex(letter: string): string {
  const escaped = escapes[letter];
  if (escaped) return escaped;
  const sign = signs[letter];
  if (sign) return sign === "-" ? "$-$" : `$\\${sign}$`;
  if (letter === "⁻") return "\\textsuperscript{$-$}";
  if (raised.includes(letter)) return `\\textsuperscript{${raised.indexOf(letter)}}`;
  return lowered.includes(letter) ? `\\textsubscript{${lowered.indexOf(letter)}}` : letter;
}

/** Plain text with what TeX would take for a command, or does not know as a letter, written out. */
export function texOfText(text: string): string {
  return [...cleanText(text)].map(letterTex).join("");
}

const scripts = { super: "textsuperscript", sub: "textsubscript" } as const;

/** Runs as TeX: italics, raised and lowered parts. */
export function texOfRuns(runs: RunText): string {
  return runs
    .map(({ text, italic, script }) => {
      const plain = italic ? `\\textit{${texOfText(text)}}` : texOfText(text);
      return script ? `\\${scripts[script]}{${plain}}` : plain;
    })
    .join("");
}

/** Words of a figure as TeX; symbols stay in the letters of formulas where the rest has none. */
export function texOfWords(runs: readonly FacedRun[]): string {
  return runs
    .map(({ text, face, script }) => {
      const words = texOfText(text);
      const plain = face.endsWith("Italic") ? `\\textit{\\rmfamily ${words}}` : words;
      return script ? `\\${scripts[script]}{${plain}}` : plain;
    })
    .join("");
}

/** The letters that a figure is set in; those of the document where it has serifs. */
export function familyTex({ lettering }: Pick<LookSpecification, "lettering">): string {
  return lettering === "sans" ? "\\sffamily" : "";
}

/** A number as TeX reads it: full precision, no more digits than are meant. */
export const plainNumber = (value: number) => String(Number(value.toPrecision(12)));

/** The name that a figure has for a colour, "#0E6E7E". */
export const colourName = (hex: string) => `colour${hex.slice(1)}`;

/** What names the colours that a picture uses. */
export function colourDefinitions(picture: string): string[] {
  const used = new Set([...picture.matchAll(/\bcolour([0-9A-F]{6})\b/g)].map(([, hex]) => hex));
  return [...used].map((hex) => `\\definecolor{colour${hex}}{HTML}{${hex}}`);
}
