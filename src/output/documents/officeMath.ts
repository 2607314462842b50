import {
  BuilderElement,
  createMathBase,
  type MathComponent,
  MathFraction,
  MathRadical,
  MathRoundBrackets,
  MathRun,
  MathSubScript,
  MathSubSuperScript,
  MathSuperScript,
  XmlComponent,
} from "docx";
import type { MathNode } from "@/figure/maths/mathTree";
import { readTex } from "@/figure/maths/readTex";

type Components = MathComponent[];

type MathText = Extract<MathNode, { kind: "text" }>;

/** Letters that are not to be slanted are plain text in a formula: units, names of functions, Δ. */
function run({ text, italic, sign }: MathText): MathRun {
  const written = sign ? ` ${text} ` : text;
  return new MathRun(
    italic ? written : { text: written, normalText: !sign && /\p{L}/u.test(text) },
  );
}

const isPlain = (node: MathNode | undefined): node is MathText =>
  node?.kind === "text" && !node.italic && !node.sign && /^(?:\p{L}+|[\d.,]+)$/u.test(node.text);

const isNumber = ({ text }: MathText) => /^[\d.,]+$/.test(text);

const together = (one: MathText, next: MathText): MathText => ({
  ...one,
  text: one.text + next.text,
});

/** The parts of a row: letters of one word, and figures of one number, in one. */
function withWholeWords(nodes: readonly MathNode[]): readonly MathNode[] {
  return nodes.reduce<MathNode[]>((done, node) => {
    const last = done.at(-1);
    const base = node.kind === "scripts" ? node.base : node;
    if (isPlain(last) && isPlain(base) && isNumber(last) === isNumber(base)) {
      const whole = together(last, base);
      done.splice(-1, 1, node.kind === "scripts" ? { ...node, base: whole } : whole);
    } else done.push(node);
    return done;
  }, []);
}

const isSign = (node: MathNode | undefined, sign: string) =>
  node?.kind === "text" && node.text === sign;

/** Round brackets with what they enclose in one, so that a power stands on the whole. */
function bracketed(nodes: readonly MathNode[]): readonly MathNode[] {
  const levels: MathNode[][] = [[]];
  for (const node of nodes) {
    const base = node.kind === "scripts" ? node.base : node;
    if (isSign(node, "(")) levels.push([]);
    else if (isSign(base, ")") && levels.length > 1) {
      const of: MathNode = { kind: "row", of: levels.pop() ?? [] };
      const fence: MathNode = { kind: "fence", open: "(", close: ")", of };
      levels.at(-1)?.push(node.kind === "scripts" ? { ...node, base: fence } : fence);
    } else levels.at(-1)?.push(node);
  }
  return levels.reduce((done, inner) => [
    ...done,
    { kind: "text", text: "(", italic: false },
    ...inner,
  ]);
}

const letter = (name: string, value: string) =>
  new BuilderElement({ name, attributes: { char: { key: "m:val", value } } });

/** Signs that grow with what they enclose, such as those of a magnitude. */
class Bars extends XmlComponent {
  constructor({ open, close }: { open: string; close: string }, children: Components) {
    super("m:d");
    const ends = [letter("m:begChr", open), letter("m:endChr", close)];
    this.root.push(new BuilderElement({ name: "m:dPr", children: ends }));
    this.root.push(createMathBase({ children }));
  }
}

const isEmpty = (node: MathNode) => node.kind === "row" && node.of.length === 0;

function components(node: MathNode): Components {
  switch (node.kind) {
    case "row":
      return withWholeWords(bracketed(node.of)).flatMap(components);
    case "text":
      return [run(node)];
    case "space":
      return node.width >= 0.15 ? [new MathRun(node.width > 0.5 ? "\u2003" : "\u2009")] : [];
    case "fraction":
      return [
        new MathFraction({
          numerator: components(node.above),
          denominator: components(node.below),
        }),
      ];
    case "root":
      return [new MathRadical({ children: components(node.of) })];
    case "scripts":
      return isEmpty(node.base) && node.super ? components(node.super) : [scripts(node)];
    case "fence":
      return node.open === "("
        ? [new MathRoundBrackets({ children: components(node.of) })]
        : [new Bars(node, components(node.of))];
  }
}

function scripts({ base, sub, super: raised }: Extract<MathNode, { kind: "scripts" }>) {
  const children = components(base);
  if (sub && raised) {
    return new MathSubSuperScript({
      children,
      subScript: components(sub),
      superScript: components(raised),
    });
  }
  return sub
    ? new MathSubScript({ children, subScript: components(sub) })
    : new MathSuperScript({ children, superScript: raised ? components(raised) : [] });
}

/** What stands between two things, and may begin a line of its own where a formula is broken. */
const betweenTwo = /^[=≈≠≤≥<>×·]$/;

const begin = (node: MathNode): MathNode =>
  node.kind === "row" && node.of[0] ? begin(node.of[0]) : node;

/** Some word processors show a mark of a fault where nothing stands before a sign between two things. */
const nothingSeen = () => new MathRun({ text: "\u200b", normalText: true });

/** A formula in TeX as Office Math, which word processors edit as a formula. */
export function officeMath(tex: string): Components {
  const node = readTex(tex);
  const first = begin(node);
  const inBetween = first.kind === "text" && betweenTwo.test(first.text);
  return [...(inBetween ? [nothingSeen()] : []), ...components(node)];
}
