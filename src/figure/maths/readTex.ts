import { greekLetters } from "@/core/text/greekLetters";
import type { MathNode } from "./mathTree";

/** Small letters lean; capitals and the number π stand upright. */
const isItalic = (name: string) => name !== "pi" && name === name.toLowerCase();

const letters: Readonly<Record<string, string>> = {
  ...Object.fromEntries(Object.entries(greekLetters).filter(([name]) => isItalic(name))),
  varepsilon: "ε",
  varphi: "φ",
};

const uprights: Readonly<Record<string, string>> = {
  ...Object.fromEntries(Object.entries(greekLetters).filter(([name]) => !isItalic(name))),
  partial: "∂", infty: "∞", circ: "°", sum: "∑",
  backslash: "\\", wedge: "∧", sim: "∼",
  ln: "ln", lg: "lg", exp: "exp", sin: "sin", cos: "cos", tan: "tan", arcsin: "arcsin",
  arccos: "arccos", arctan: "arctan", min: "min", max: "max",
}; // prettier-ignore

const signs: Readonly<Record<string, readonly [string, "relation" | "operator"]>> = {
  times: ["×", "operator"], cdot: ["·", "operator"], pm: ["±", "operator"],
  approx: ["≈", "relation"], leq: ["≤", "relation"], geq: ["≥", "relation"],
}; // prettier-ignore

const spaces: Readonly<Record<string, number>> = {
  ",": 0.167,
  ":": 0.222,
  ";": 0.278,
  " ": 0.25,
  "!": 0,
  quad: 1,
  qquad: 2,
};

const row = (of: readonly MathNode[]): MathNode => (of.length === 1 ? of[0]! : { kind: "row", of });
const upright = (text: string): MathNode => ({ kind: "text", text, italic: false });

/** Reads the part of TeX in which formulas are written here; unknown commands come out as their names. */
class Reader {
  private at = 0;

  constructor(private readonly tex: string) {}

  whole(): MathNode {
    return row(this.until(() => this.at >= this.tex.length));
  }

  private until(end: () => boolean): MathNode[] {
    const found: MathNode[] = [];
    while (this.at < this.tex.length && !end()) {
      const next = this.tex[this.at] as string;
      if (next === "^" || next === "_") this.script(found, next);
      else {
        const one = this.one();
        if (one) found.push(one);
      }
    }
    return found;
  }

  private script(found: MathNode[], sign: "^" | "_"): void {
    this.at += 1;
    const of = this.one() ?? row([]);
    const base = found.pop() ?? row([]);
    const place = sign === "^" ? "super" : "sub";
    const before = base.kind === "scripts" && base[place] === undefined ? base : undefined;
    found.push(before ? { ...before, [place]: of } : { kind: "scripts", base, [place]: of });
  }

  private one(): MathNode | undefined {
    const next = String.fromCodePoint(this.tex.codePointAt(this.at) as number);
    this.at += next.length;
    if (next === "{") return this.group();
    if (next === "}" || next === " ") return undefined;
    if (next === "\\") return this.command();
    if (next === "~") return { kind: "space", width: 0.25 };
    if (next === "-") return this.minus();
    if (next === "+") return { kind: "text", text: "+", italic: false, sign: "operator" };
    if (next === "=") return { kind: "text", text: "=", italic: false, sign: "relation" };
    if (/[\d.]/.test(next)) return upright(this.taken(next, /[\d.]/));
    const marked = this.taken(next, /\p{M}/u);
    if (/[A-Za-zα-ω]/.test(next)) return { kind: "text", text: marked, italic: true };
    return upright(marked);
  }

  private taken(first: string, more: RegExp): string {
    let text = first;
    while (more.test(this.tex[this.at] ?? "")) text += this.tex[this.at++];
    return text;
  }

  /** A minus that begins a number or stands behind a sign belongs to what follows. */
  private minus(): MathNode {
    const before = this.tex.slice(0, this.at - 1).trimEnd();
    const begins = before === "" || /[({=^]$|\\times$|\\pm$|\\left\($/.test(before);
    return { kind: "text", text: "−", italic: false, ...(!begins && { sign: "operator" }) };
  }

  private group(): MathNode {
    const inner = this.until(() => this.tex[this.at] === "}");
    this.at += 1;
    const [only] = inner;
    if (inner.length === 1 && only?.kind === "text" && only.text === ",") return upright(",");
    return row(inner);
  }

  private argument(): MathNode {
    while (this.tex[this.at] === " ") this.at += 1;
    return this.one() ?? row([]);
  }

  /** What stands in braces as it is, for words and units. */
  private words(): string {
    while (this.tex[this.at] === " ") this.at += 1;
    if (this.tex[this.at] !== "{") return this.tex[this.at++] ?? "";
    let depth = 0;
    const from = this.at + 1;
    for (; this.at < this.tex.length; this.at++) {
      if (this.tex[this.at] === "{") depth += 1;
      if (this.tex[this.at] === "}" && --depth === 0) break;
    }
    return this.tex.slice(from, this.at++);
  }

  private command(): MathNode | undefined {
    const first = this.tex[this.at++] ?? "";
    if (!/[A-Za-z]/.test(first)) {
      const space = spaces[first];
      return space === undefined ? upright(first) : { kind: "space", width: space };
    }
    const name = this.taken(first, /[A-Za-z]/);
    switch (name) {
      case "frac":
        return { kind: "fraction", above: this.argument(), below: this.argument() };
      case "sqrt":
        return { kind: "root", of: this.argument() };
      case "mathrm":
        return uprightAll(new Reader(this.words()).whole());
      case "text":
      case "operatorname":
        return upright(this.words());
      case "displaystyle":
        return undefined;
      case "left":
        return this.fence();
      default:
        return named(name);
    }
  }

  private fence(): MathNode {
    const open = this.tex[this.at++] ?? "";
    const of = row(this.until(() => this.tex.startsWith("\\right", this.at)));
    this.at += "\\right".length;
    const close = this.tex[this.at++] ?? "";
    return { kind: "fence", open, close, of };
  }
}

function named(name: string): MathNode {
  const sign = signs[name];
  if (sign) return { kind: "text", text: sign[0], italic: false, sign: sign[1] };
  const space = spaces[name];
  if (space !== undefined) return { kind: "space", width: space };
  const letter = letters[name];
  if (letter) return { kind: "text", text: letter, italic: true };
  return upright(uprights[name] ?? name);
}

function uprightAll(node: MathNode): MathNode {
  switch (node.kind) {
    case "text":
      return { ...node, italic: false };
    case "row":
      return { kind: "row", of: node.of.map(uprightAll) };
    case "scripts":
      return { ...node, base: uprightAll(node.base) };
    default:
      return node;
  }
}

/** Reads a formula in TeX, as the rest of the application writes it. */
export function readTex(tex: string): MathNode {
  return new Reader(tex).whole();
}

/** A formula in plain words, for those who hear it or search for it: (a)/(b), √(x), x^(2). */
export function plainMath(node: MathNode): string {
  const simple = (of: MathNode) => {
    const text = plainMath(of);
    return /^[\p{L}\p{N}.]*$/u.test(text) ? text : `(${text})`;
  };
  switch (node.kind) {
    case "row":
      return node.of.map(plainMath).join("");
    case "text":
      return node.sign ? ` ${node.text} ` : node.text;
    case "space":
      return node.width > 0 ? " " : "";
    case "fraction":
      return `${simple(node.above)}/${simple(node.below)}`;
    case "root":
      return `√(${plainMath(node.of)})`;
    case "scripts":
      return `${plainMath(node.base)}${node.sub ? `_${plainMath(node.sub)}` : ""}${node.super ? `^${simple(node.super)}` : ""}`;
    case "fence":
      return `${node.open}${plainMath(node.of)}${node.close}`;
  }
}
