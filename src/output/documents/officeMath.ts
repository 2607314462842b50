import {
  type MathComponent,
  MathFraction,
  MathRadical,
  MathRoundBrackets,
  MathRun,
  MathSubScript,
  MathSubSuperScript,
  MathSuperScript,
} from "docx";
import type { MathNode } from "@/figure/maths/mathTree";
import { readTex } from "@/figure/maths/readTex";

type Components = MathComponent[];

function textOf(node: Extract<MathNode, { kind: "text" }>): string {
  return node.sign ? ` ${node.text} ` : node.text;
}

function components(node: MathNode): Components {
  switch (node.kind) {
    case "row":
      return node.of.flatMap(components);
    case "text":
      return [
        new MathRun(
          node.italic
            ? textOf(node)
            : { text: textOf(node), normalText: /\p{L}{2}/u.test(node.text) },
        ),
      ];
    case "space":
      return node.width >= 0.15 ? [new MathRun(node.width > 0.5 ? "\u2003" : "\u2009")] : [];
    case "fraction":
      return [
        new MathFraction({
          ...{ numerator: components(node.above), denominator: components(node.below) },
        }),
      ];
    case "root":
      return [new MathRadical({ children: components(node.of) })];
    case "scripts":
      return [scripts(node)];
    case "fence":
      return node.open === "("
        ? [new MathRoundBrackets({ children: components(node.of) })]
        : [new MathRun(node.open), ...components(node.of), new MathRun(node.close)];
  }
}

function scripts({ base, sub, super: raised }: Extract<MathNode, { kind: "scripts" }>) {
  const children = components(base);
  if (sub && raised) {
    return new MathSubSuperScript({
      ...{ children, subScript: components(sub), superScript: components(raised) },
    });
  }
  return sub
    ? new MathSubScript({ children, subScript: components(sub) })
    : new MathSuperScript({ children, superScript: raised ? components(raised) : [] });
}

/** A formula in TeX as Office Math, which word processors edit as a formula. */
export function officeMath(tex: string): Components {
  return components(readTex(tex));
}
