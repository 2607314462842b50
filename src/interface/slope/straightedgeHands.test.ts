import { layFrame } from "@/figure/layout/frame";
import { layStraightedge } from "@/investigation/acts/layStraightedge";
import { perform } from "@/investigation/history/edit";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { alongStraightedge } from "@/pipeline/lines/byHand";
import { figureSpecification } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import {
  cornerNear,
  grainOf,
  handlesOf,
  laidAlong,
  laidBy,
  movedEdge,
  toGrain,
} from "./straightedgeHands";

const document = plainRule();
const figure = document.figures.main!;
const fit = fitFigure(evaluateTables(document), figure, document.houseRules)!;
const points = fit.lines[0]!.fitted;
const frame = layFrame(figureSpecification(figure, 1, fit, document.houseRules));

function laid(slope: number, intercept: number) {
  const change = laidAlong({ slope, intercept }, frame);
  const acted = perform(document, layStraightedge, { figure: "main", id: "edge", change });
  return acted.document.figures.main!.straightedges.edge!;
}

describe("a straightedge under the hand", () => {
  test("is laid along a line with both handles on the paper", () => {
    const edge = laid(12, 0.01);
    expect(alongStraightedge(edge)!.slope).toBeCloseTo(12, 9);
    expect(alongStraightedge(edge)!.intercept).toBeCloseTo(0.01, 9);
    for (const { x, y } of Object.values(handlesOf(edge, frame))) {
      expect(x).toBeGreaterThanOrEqual(frame.left);
      expect(x).toBeLessThanOrEqual(frame.right);
      expect(y).toBeGreaterThanOrEqual(frame.top);
      expect(y).toBeLessThanOrEqual(frame.bottom);
    }
  });

  test("is shifted without being turned", () => {
    const edge = laid(12, 0);
    const moved = { ...edge, ...movedEdge(edge, "whole", { x: 0, y: -20 }, frame) };
    expect(alongStraightedge(moved)!.slope).toBeCloseTo(12, 6);
    const up = frame.yAt(frame.bottom - 20) - frame.yAt(frame.bottom);
    expect(alongStraightedge(moved)!.intercept).toBeCloseTo(up, 6);
  });

  test("is turned about its other handle", () => {
    const edge = laid(12, 0);
    const moved = { ...edge, ...movedEdge(edge, "right", { x: 0, y: 15 }, frame) };
    expect([moved.x1, moved.y1]).toEqual([expect.closeTo(edge.x1, 9), expect.closeTo(edge.y1, 9)]);
    expect(alongStraightedge(moved)!.slope).toBeLessThan(12);
  });

  test("snaps to the corner of an error box, and only when near one", () => {
    const last = points.xValues.length - 1;
    const corner = {
      x: points.xValues[last]! + points.xBars.up[last]!,
      y: points.yValues[last]! - points.yBars.down[last]!,
    };
    const place = { x: frame.across(corner.x) + 2, y: frame.up(corner.y) + 2 };
    expect(cornerNear(place, points, frame)).toEqual(corner);
    expect(cornerNear({ x: frame.left, y: frame.top }, points, frame)).toBeUndefined();
    const edge = laid(12, 0);
    const { right } = handlesOf(edge, frame);
    const by = { x: place.x - right.x, y: place.y - right.y };
    expect(movedEdge(edge, "right", by, frame, points)).toMatchObject({
      x2: corner.x,
      y2: corner.y,
    });
  });

  test("its handles never meet, nor leave the paper", () => {
    const edge = laid(12, 0);
    const { left, right } = handlesOf(edge, frame);
    const onto = movedEdge(edge, "right", { x: left.x - right.x, y: 5 }, frame);
    expect(onto).toMatchObject({ x1: edge.x1, x2: edge.x2 });
    const far = { ...edge, ...movedEdge(edge, "right", { x: 5000, y: -5000 }, frame) };
    expect(far.x2).toBeCloseTo(frame.xScale.to, 9);
    expect(far.y2).toBeCloseTo(frame.yScale.to, 9);
  });

  test("takes a typed slope and intercept; upright it is no line", () => {
    const edge = laid(12, 0);
    const typed = alongStraightedge({ ...edge, ...laidBy(edge, 11.5, 0.02) })!;
    expect(typed.slope).toBeCloseTo(11.5, 9);
    expect(typed.intercept).toBeCloseTo(0.02, 9);
    expect(alongStraightedge({ ...edge, x2: edge.x1 })).toBeUndefined();
  });

  test("only one straightedge is the steepest", () => {
    const first = { figure: "main", id: "a", change: { role: "steepest" as const } };
    const one = perform(document, layStraightedge, first).document;
    const two = perform(one, layStraightedge, { ...first, id: "b" }).document;
    const { a, b } = two.figures.main!.straightedges;
    expect([a!.role, b!.role]).toEqual(["none", "steepest"]);
  });
});

test("corners of a slope triangle stand on tenths of a step, without rounding dust", () => {
  const grain = grainOf(frame);
  expect(grain).toBeCloseTo(0.002, 12);
  expect(toGrain(0.0611, grain)).toBe(0.062);
  expect(toGrain(0.3 * 0.2, grain)).toBe(0.06);
});
