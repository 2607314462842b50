import { plainRule } from "../../../tests/fixtures/plainRule";
import { figureSpecification } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import { layFrame } from "../layout/frame";
import { svgPath } from "../render/svgPath";
import { curvePath } from "./curves";

const document = plainRule();
const fit = fitFigure(evaluateTables(document), document.figures.main!, document.houseRules)!;
const frame = layFrame(figureSpecification(document.figures.main!, 1, fit, document.houseRules));
const { xScale, yScale } = frame;
const x = Array.from({ length: 9 }, (_, i) => xScale.from + (i * (xScale.to - xScale.from)) / 8);
const middle = (yScale.from + yScale.to) / 2;

describe("a curve on the paper", () => {
  test("is not drawn across places where it has no value", () => {
    const y = x.map((_, i) => (i === 4 ? NaN : middle));
    const [first, second, ...more] = svgPath(curvePath(x, y, frame))
      .split("M")
      .slice(1);
    expect(more).toEqual([]);
    const ends = [first, second].map((part) => part!.split("L"));
    expect(ends.map((part) => part.length)).toEqual([4, 4]);
    expect(Number(ends[0]!.at(-1)!.split(" ")[0])).toBeCloseTo(frame.across(x[3]!), 2);
    expect(Number(ends[1]![0]!.split(" ")[0])).toBeCloseTo(frame.across(x[5]!), 2);
  });

  test("ends at the edge where it leaves the paper, and begins there where it comes back", () => {
    const above = yScale.to + (yScale.to - middle);
    const y = x.map((_, i) => (i === 4 ? above : middle));
    const levels = [...svgPath(curvePath(x, y, frame)).matchAll(/[ML]\S+ ([\d.]+)/g)];
    expect(levels.filter(([, up]) => Math.abs(Number(up) - frame.top) < 0.01)).toHaveLength(2);
    expect(levels.every(([, up]) => Number(up) >= frame.top - 0.01)).toBe(true);
  });
});
