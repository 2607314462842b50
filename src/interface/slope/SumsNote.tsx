"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { lineSums } from "@/core/fit/lineSums";
import { writeNumber } from "@/core/number/writtenNumber";
import type { FigurePoints } from "@/pipeline/lines/fit";
import { Scrolled } from "../parts/Scrolled";
import { NumberView } from "../parts/StatementView";
import { Typeset } from "../parts/Typeset";

const figures = 8;

const formulas = {
  slope: "m = \\frac{n\\sum xy - \\sum x\\sum y}{n\\sum x^2 - \\left(\\sum x\\right)^2}",
  intercept: "c = \\frac{\\sum y - m\\sum x}{n}",
};

/** The sums of least squares and the formulas that they go into, for those who have to show them. */
export function SumsNote({ points }: { points: FigurePoints }) {
  const sums = lineSums(points.xValues, points.yValues);
  const rows = [
    { tex: "n", spoken: slopeTexts.howMany, value: sums.n },
    { tex: "\\sum x", spoken: slopeTexts.sumOfX, value: sums.x },
    { tex: "\\sum y", spoken: slopeTexts.sumOfY, value: sums.y },
    { tex: "\\sum x^2", spoken: slopeTexts.sumOfXSquared, value: sums.xx },
    { tex: "\\sum y^2", spoken: slopeTexts.sumOfYSquared, value: sums.yy },
    { tex: "\\sum xy", spoken: slopeTexts.sumOfXTimesY, value: sums.xy },
  ];
  const slope = (sums.n * sums.xy - sums.x * sums.y) / (sums.n * sums.xx - sums.x ** 2);
  const results = [
    { tex: formulas.slope, value: slope },
    { tex: formulas.intercept, value: (sums.y - slope * sums.x) / sums.n },
  ];
  return (
    <div data-testid="sums">
      <table className="w-full max-w-[320px]">
        <tbody>
          {rows.map(({ tex, spoken, value }) => (
            <tr key={tex} className="border-hairline border-b">
              <th className="py-1 text-left font-normal">
                <span className="sr-only">{spoken}</span>
                <span aria-hidden>
                  <Typeset tex={tex} />
                </span>
              </th>
              <td className="text-right">
                <NumberView
                  number={tex === "n" ? { mantissa: String(value) } : writeNumber(value, figures)}
                  unit={[]}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {results.map(({ tex, value }) => (
        <Scrolled key={tex} label={slopeTexts.formulaOfLeastSquares} className="mt-3">
          <Typeset tex={`\\displaystyle ${tex}`} /> ={" "}
          {Number.isFinite(value) && <NumberView number={writeNumber(value, figures)} unit={[]} />}
        </Scrolled>
      ))}
      <p className="text-soft mt-2">{slopeTexts.forTheLineWithEvery}</p>
    </div>
  );
}
