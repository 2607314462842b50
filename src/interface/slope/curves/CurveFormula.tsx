"use client";

import type { Expression } from "@/core/expression/tree";
import { symbolTex, toTex } from "@/core/expression/tex";
import type { FigurePoints } from "@/pipeline/lines/figurePoints";
import { Typeset } from "../../parts/Typeset";

interface Props {
  expression: Expression;
  /** The symbol that runs across in the formula. */
  variable: string;
  points: FigurePoints;
}

/** A curve's formula in the axes' own symbols, as it is printed. */
export function CurveFormula({ expression, variable, points: { x, y } }: Props) {
  const across = symbolTex(x.quantity.symbol || "x");
  const single = !/[\^_]/.test(x.quantity.symbol);
  const right = toTex(expression, (name) =>
    name === variable ? { tex: across, single } : { tex: symbolTex(name), single: true },
  );
  return <Typeset tex={`${symbolTex(y.quantity.symbol || "y")} = ${right}`} />;
}
