import type { WrittenNumber } from "../number/writtenNumber";
import { plainRunText } from "../unit/runText";
import { writeSymbol } from "../unit/symbolText";
import type { Expression } from "./tree";

/** What stands for a symbol, and whether it is a single thing that needs no brackets under a power. */
export interface TexLeaf {
  readonly tex: string;
  readonly single: boolean;
}

const greek: Readonly<Record<string, string>> = {
  α: "\\alpha", β: "\\beta", γ: "\\gamma", δ: "\\delta", ε: "\\varepsilon", ζ: "\\zeta", η: "\\eta",
  θ: "\\theta", ι: "\\iota", κ: "\\kappa", λ: "\\lambda", μ: "\\mu", ν: "\\nu", ξ: "\\xi", π: "\\pi",
  ρ: "\\rho", σ: "\\sigma", τ: "\\tau", υ: "\\upsilon", φ: "\\varphi", χ: "\\chi", ψ: "\\psi",
  ω: "\\omega", Γ: "\\Gamma", Δ: "\\Delta", Θ: "\\Theta", Λ: "\\Lambda", Ξ: "\\Xi", Π: "\\Pi",
  Σ: "\\Sigma", Φ: "\\Phi", Ψ: "\\Psi", Ω: "\\Omega",
}; // prettier-ignore

/** Signs that are commands in TeX and have no escaped form in formulas. */
const commands: Readonly<Record<string, string>> = {
  "\\": "\\backslash ",
  "^": "\\wedge ",
  "~": "\\sim ",
  "\u00a0": "\\,",
  "°": "^{\\circ}",
};

function escaped(text: string): string {
  return [...text]
    .map((letter) => {
      if (greek[letter]) return `${greek[letter]} `;
      return commands[letter] ?? letter.replace(/[{}_&%$#]/, "\\$&");
    })
    .join("");
}

/** A symbol in TeX: letters italic, names of functions and what follows _ upright: t_10, ln U, 1/T. */
export function symbolTex(symbol: string): string {
  return writeSymbol(symbol)
    .map(({ text, script, italic }) => {
      if (script === "sub") return `_{\\mathrm{${escaped(text)}}}`;
      if (script === "super") return `^{${escaped(text.replace("−", "-"))}}`;
      if (text.trim() === "") return "\\,";
      const plain = escaped(text).trim();
      return !italic && /\p{L}/u.test(text) ? `\\mathrm{${plain}}` : plain;
    })
    .join("");
}

/** A unit in TeX: upright, thin spaces between its parts. */
export function unitTex(runs: ReturnType<typeof writeSymbol>): string {
  if (plainRunText(runs) === "") return "";
  const inner = runs
    .map(({ text, script }) => {
      const plain = escaped(text);
      return script === "super" ? `^{${plain.replace("−", "-")}}` : plain;
    })
    .join("");
  return `\\,\\mathrm{${inner}}`;
}

/** Whether an expression is written with a minus sign first: −b d. */
function beginsNegative(expression: Expression): boolean {
  if (expression.kind === "negative") return true;
  return (
    expression.kind === "operation" &&
    expression.operator === "*" &&
    beginsNegative(expression.left)
  );
}

/** How tightly an expression holds together: sums least, products, powers, single things most. */
function strength(expression: Expression, leaf: (name: string) => TexLeaf): number {
  switch (expression.kind) {
    case "symbol": {
      const { tex, single } = leaf(expression.name);
      return tex.startsWith("-") ? 1 : single ? 5 : 2;
    }
    case "operation":
      if (beginsNegative(expression)) return 1;
      return { "+": 1, "-": 1, "*": 2, "/": 5, "^": 4 }[expression.operator];
    case "negative":
      return 1;
    default:
      return 5;
  }
}

const functionTex: Readonly<Record<string, string>> = {
  ln: "\\ln", log: "\\lg", exp: "\\exp", sin: "\\sin", cos: "\\cos", tan: "\\tan",
  asin: "\\arcsin", acos: "\\arccos", atan: "\\arctan", min: "\\min", max: "\\max",
}; // prettier-ignore

function bracketed(tex: string): string {
  return `\\left(${tex}\\right)`;
}

/** Two factors side by side need a sign between them where digits or a unit would meet the next number. */
function joint(left: string, right: string): string {
  const digits = /(?:[\d}]|\\right\))\s*$/.test(left) && /^\s*(?:\d|\\left\(?-?\d|-)/.test(right);
  const united = /\\mathrm\{[^$]*\}$/.test(left) && /^\\pi/.test(right);
  const piNumber = /\\pi\s*$/.test(left) && /^\s*(?:\d|\\left\(?\d)/.test(right);
  return digits || united || piNumber ? `${left} \\times ${right}` : `${left}\\,${right}`;
}

/** A written number in TeX: 1.2 \\times 10^{-4}; a decimal comma without the space of a list. */
export function numberTex(
  { mantissa, exponent }: WrittenNumber,
  mark: "point" | "comma" = "point",
): string {
  const minus = mantissa.replace("−", "-");
  const number = mark === "comma" ? minus.replace(".", "{,}") : minus;
  return exponent === undefined ? number : `${number} \\times 10^{${exponent}}`;
}

/** A formula with every number in it written with the decimal mark of the house. */
export function withDecimalMark(tex: string, mark: "point" | "comma"): string {
  return mark === "comma" ? tex.replace(/(\d)\.(?=\d)/g, "$1{,}") : tex;
}

/** A fraction of numbers as an exponent stands in one line: 3/2. */
function exponentTex(exponent: Expression): string | undefined {
  if (exponent.kind !== "operation" || exponent.operator !== "/") return undefined;
  const { left, right } = exponent;
  return left.kind === "number" && right.kind === "number"
    ? `${left.text}/${right.text}`
    : undefined;
}

/** An expression in TeX as it stands in a report: fractions, roots, raised powers. */
export function toTex(
  expression: Expression,
  leaf: (name: string) => TexLeaf = (name) => ({ tex: symbolTex(name), single: true }),
): string {
  const held = (part: Expression, tex: string, least: number) =>
    strength(part, leaf) < least ? bracketed(tex) : tex;
  const inside = (part: Expression, least: number) => held(part, toTex(part, leaf), least);
  switch (expression.kind) {
    case "number":
      return expression.text.replace(
        /e([+-]?\d+)$/,
        (_, power: string) => ` \\times 10^{${Number(power)}}`,
      );
    case "pi":
      return "\\pi ";
    case "symbol":
      return leaf(expression.name).tex;
    case "negative":
      return `-${inside(expression.of, 2)}`;
    case "operation": {
      const { left, right } = expression;
      switch (expression.operator) {
        case "+": {
          const second = toTex(right, leaf);
          return `${inside(left, 1)} + ${held(right, second, second.startsWith("-") ? 2 : 1)}`;
        }
        case "-":
          return `${inside(left, 1)} - ${inside(right, 2)}`;
        case "*":
          return joint(
            beginsNegative(left) ? toTex(left, leaf) : inside(left, 2),
            inside(right, 2),
          );
        case "/":
          return `\\frac{${toTex(left, leaf)}}{${toTex(right, leaf)}}`;
        case "^": {
          const fraction = left.kind === "operation" && left.operator === "/";
          const base = fraction ? bracketed(toTex(left, leaf)) : inside(left, 5);
          return `${base}^{${exponentTex(right) ?? toTex(right, leaf)}}`;
        }
      }
    }
    case "call":
    case "neighbour":
    case "column": {
      const of = toTex(expression.of, leaf);
      if (expression.name === "sqrt") return `\\sqrt{${of}}`;
      if (expression.name === "abs") return `\\left|${of}\\right|`;
      const name = functionTex[expression.name] ?? `\\operatorname{${expression.name}}`;
      const all = expression.kind === "column" && expression.all ? ",\\ \\text{all}" : "";
      return `${name}${bracketed(`${of}${all}`)}`;
    }
  }
}
