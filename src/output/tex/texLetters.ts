import { greekLetters } from "@/core/text/greekLetters";
import { filePieces } from "../fonts/filePieces";

const escapes: Readonly<Record<string, string>> = {
  "\\": "\\textbackslash{}", "{": "\\{", "}": "\\}", "^": "\\^{}", _: "\\_", "&": "\\&",
  "%": "\\%", $: "\\$", "#": "\\#", "~": "\\textasciitilde{}", "\n": " ", "\t": " ", '"': "\\textquotedbl{}",
  "\u00a0": "~", "\u2009": "\\,", "\u202f": "\\,", "\u2011": "-", "\u2010": "-",
  "€": "\\texteuro{}", "£": "\\textsterling{}", "©": "\\textcopyright{}", "®": "\\textregistered{}", "™": "\\texttrademark{}",
  "§": "\\S{}", "¶": "\\P{}", "•": "\\textbullet{}", "…": "\\ldots{}", "‰": "\\textperthousand{}", "†": "\\textdagger{}",
  "ª": "\\textordfeminine{}", "º": "\\textordmasculine{}", "℃": "$^{\\circ}$C", "℉": "$^{\\circ}$F", "№": "\\textnumero{}",
}; // prettier-ignore

/** Greek capitals that TeX has no name for: they look like these. */
const likeLatin = { Α: "A", Β: "B", Ε: "E", Ζ: "Z", Η: "H", Ι: "I", Κ: "K", Μ: "M", Ν: "N", Ο: "O", Ρ: "P", Τ: "T", Χ: "X" } as const; // prettier-ignore

/** Signs and Greek letters by their names in formulas. */
const signs: Readonly<Record<string, string>> = {
  "±": "\\pm", "−": "-", "·": "\\cdot", "×": "\\times", "÷": "\\div", "≈": "\\approx", "≠": "\\neq", "≤": "\\leq",
  "≥": "\\geq", "∝": "\\propto", "∼": "\\sim", "→": "\\rightarrow", "←": "\\leftarrow", "↔": "\\leftrightarrow",
  "↑": "\\uparrow", "↓": "\\downarrow", "∓": "\\mp", "≡": "\\equiv", "∙": "\\bullet", "∈": "\\in", "≪": "\\ll", "≫": "\\gg",
  "⇒": "\\Rightarrow", "⇌": "\\rightleftharpoons", "∞": "\\infty", "√": "\\surd", "∂": "\\partial", "∑": "\\sum",
  "∏": "\\prod", "∇": "\\nabla", "∧": "\\wedge", "°": "^{\\circ}", "¬": "\\neg", "ħ": "\\hbar", "ℏ": "\\hbar",
  "∫": "\\int", "∆": "\\Delta", "′": "\\prime", "″": "\\prime\\prime", "∥": "\\parallel", "⊥": "\\perp", "∠": "\\angle", "ℓ": "\\ell",
  "½": "\\frac12", "⅓": "\\frac13", "⅔": "\\frac23", "¼": "\\frac14", "¾": "\\frac34", "⅛": "\\frac18", "□": "\\square", "✓": "\\checkmark",
  ...Object.fromEntries(Object.entries(greekLetters).map(([name, letter]) => [letter, `\\${name}`])),
  ε: "\\varepsilon", φ: "\\varphi", ϑ: "\\vartheta", ς: "\\varsigma", ϕ: "\\phi", µ: "\\mu", ο: "o",
  ...Object.fromEntries(Object.entries(likeLatin).map(([greek, latin]) => [greek, `\\mathrm{${latin}}`])),
  "²": "^2", "³": "^3", "¹": "^1", "⁻": "^-", "⁺": "^+", "ⁿ": "^n", "ⁱ": "^i", "₋": "_-", "₊": "_+",
  "ₐ": "_a", "ₑ": "_e", "ₒ": "_o", "ₓ": "_x", "ₕ": "_h", "ₖ": "_k", "ₗ": "_l", "ₘ": "_m", "ₙ": "_n", "ₚ": "_p", "ₛ": "_s", "ₜ": "_t", "ᵢ": "_i", "ⱼ": "_j",
}; // prettier-ignore

const raised = "⁰¹²³⁴⁵⁶⁷⁸⁹";
const lowered = "₀₁₂₃₄₅₆₇₈₉";

/** Accents by their combining signs, for letters and for formulas. */
const accents: Readonly<Record<string, readonly [text: string, math: string]>> = {
  "\u0300": ["`", "grave"], "\u0301": ["'", "acute"], "\u0302": ["^", "hat"], "\u0303": ["~", "tilde"],
  "\u0304": ["=", "bar"], "\u0305": ["=", "bar"], "\u0306": ["u", "breve"], "\u0307": [".", "dot"], "\u0308": ['"', "ddot"],
  "\u030a": ["r", "mathring"], "\u030b": ["H", "ddot"], "\u030c": ["v", "check"], "\u0323": ["d", "underline"],
  "\u0327": ["c", "underline"], "\u0328": ["k", "underline"], "\u0331": ["b", "underline"],
}; // prettier-ignore

/** Accents under a letter: they are put on last, as others need the letter itself. */
const below = new Set(["d", "c", "k", "b"]);

/** Letters that both engines take as they are: ASCII, Latin-1, Latin Extended-A, quotation marks and dashes. */
const plain = /^[ -~¡«»¿À-ÖØ-öø-ÿĀ-ĥĨ-ķĹ-ľŁ-ňŊ-žȘ-ț–—‘-‚“-„‹›]$/u;

/** A sign as it is written within a formula; undefined where it has no name there. */
export function signTex(letter: string): string | undefined {
  if (raised.includes(letter)) return `^${raised.indexOf(letter)}`;
  if (lowered.includes(letter)) return `_${lowered.indexOf(letter)}`;
  return signs[letter];
}

/** A letter with one accent that TeX can put on it. */
function accented(letter: string): string | undefined {
  const [base = "", ...marks] = [...letter.normalize("NFD")];
  const own = marks.map((mark) => accents[mark]);
  const [accent] = own;
  if (!accent || own.includes(undefined)) return undefined;
  if (/[A-Za-z]/.test(base)) {
    const names = own.map((one) => one?.[0] ?? "");
    const ordered = [
      ...names.filter((name) => !below.has(name)),
      ...names.filter((name) => below.has(name)),
    ];
    return ordered.reduce((inner, name) => `\\${name}{${inner}}`, base);
  }
  if (own.length > 1) return undefined;
  const sign = signs[base];
  return sign && /^(?:\\|o$)/.test(sign) ? `$\\${accent[1]}{${sign}}$` : undefined;
}

/** Letters that a preamble of ours brings a font for, with what stands for each where there is none. */
function furtherTex(letters: string): string {
  return filePieces(letters, "serif")
    .map(({ text, file, drawnAs }) => {
      const codes = [...text].map((one) => one.codePointAt(0)?.toString(16).toUpperCase());
      const unshown = codes.map((code) => `\\unshown{${code}}`).join("");
      if (drawnAs) return unshown;
      const cyrillic = /^[Ё-ЌЎ-ђѓ-ќў-џА-яҐґ]+$/u.test(text);
      return `\\further{${file}}{${cyrillic ? "T2A" : ""}}{${text}}{${unshown}}`;
    })
    .join("");
}

function knownTex(letter: string): string | undefined {
  const escaped = escapes[letter];
  if (escaped) return escaped;
  const sign = signTex(letter);
  if (sign) return sign === "-" ? "$-$" : `$${sign}$`;
  return plain.test(letter) ? letter : accented(letter);
}

/** Signs that TeX would draw as one with the next: they are parted. */
const drawnAsOne = /([-<>,`'])(?=\1)|[?!](?=`)/g;

/** Plain text with what TeX would take for a command, or does not know as a letter, written out. */
export function lettersTex(text: string): string {
  let written = "";
  let further = "";
  const bring = () => {
    if (further !== "") written += furtherTex(further);
    further = "";
  };
  for (const [letter] of text.matchAll(/\P{M}[\p{M}\u200c\u200d\ufe0f]*|\p{M}+/gu)) {
    const known = knownTex(letter);
    if (known === undefined) further += letter;
    else {
      bring();
      written += known;
    }
  }
  bring();
  return written.replace(drawnAsOne, "$&\\kern0pt ");
}

/** A formula with letters that TeX takes there only by name, or as words. */
export function formulaTex(tex: string): string {
  return tex.replace(/[^\0-\x7f]\p{M}*|[A-Za-z]\p{M}+/gu, (letter) => {
    const sign = signTex(letter);
    if (sign) return `${sign.startsWith("^") || sign.startsWith("_") ? `{}${sign}` : sign} `;
    const known = accented(letter)?.replace(/^\$|\$$/g, "");
    if (known?.startsWith("\\") && /^[A-Za-z]/.test(letter)) {
      const [base, mark = ""] = [...letter.normalize("NFD")];
      return `\\${accents[mark]?.[1]}{${base}}`;
    }
    return `\\text{${lettersTex(letter)}}`;
  });
}
