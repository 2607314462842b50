import { perform } from "./edit";
import type { Investigation } from "../model/investigation";
import { limits } from "../model/limits";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { drawTriangle } from "../acts/drawTriangle";
import { layStraightedge } from "../acts/layStraightedge";
import { liftStraightedge } from "../acts/liftStraightedge";
import { placeEquation } from "../acts/placeEquation";

const figure = "main";

type Laid = Parameters<typeof layStraightedge.change>[1]["change"];

const lay = (document: Investigation, id: string, change: Laid) =>
  perform(document, layStraightedge, { figure, id, change }).document;
const edges = (document: Investigation) => document.figures.main!.straightedges;

describe("straightedges", () => {
  test("lie in the order in which they were laid, and keep it when they are moved", () => {
    const two = lay(lay(plainRule(), "a", { x2: 0.1 }), "b", { x2: 0.2 });
    const moved = lay(two, "a", { y2: 3 });
    expect(edges(moved).a!.order < edges(moved).b!.order).toBe(true);
    expect(edges(moved).a).toMatchObject({ x2: 0.1, y2: 3 });
  });

  test("hand their part on: one series has one steepest, another its own", () => {
    const first = lay(plainRule(), "a", { role: "steepest" });
    const elsewhere = lay(first, "b", { role: "steepest", series: "b" });
    expect(Object.values(edges(elsewhere)).map(({ role }) => role)).toEqual([
      ...["steepest", "steepest"],
    ]);
    const taken = lay(elsewhere, "b", { series: "" });
    expect(Object.values(edges(taken)).map(({ role }) => role)).toEqual(["none", "steepest"]);
  });

  test("any number may be there only to look, up to a limit", () => {
    let document = plainRule();
    for (let i = 0; i < limits.straightedges + 3; i++) document = lay(document, `e${i}`, {});
    expect(Object.keys(edges(document))).toHaveLength(limits.straightedges);
    expect(edges(lay(document, "e0", { y2: 7 })).e0!.y2).toBe(7);
  });

  test("are lifted one by one; one that is gone, or a figure that is, changes nothing", () => {
    const two = lay(lay(plainRule(), "a", {}), "b", {});
    const one = perform(two, liftStraightedge, { figure, id: "a" }).document;
    expect(Object.keys(edges(one))).toEqual(["b"]);
    expect(perform(one, liftStraightedge, { figure, id: "a" }).change.patches).toEqual([]);
    expect(
      perform(one, layStraightedge, { figure: "gone", id: "c", change: {} }).change.patches,
    ).toEqual([]);
  });
});

describe("the slope triangle and the equations", () => {
  test("a triangle is drawn, moved and taken off", () => {
    const drawn = perform(plainRule(), drawTriangle, { figure, triangle: { from: 1, to: 2 } });
    expect(drawn.document.figures.main!.triangle).toEqual({ from: 1, to: 2 });
    const off = perform(drawn.document, drawTriangle, { figure, triangle: null }).document;
    expect(off.figures.main!.triangle).toBeNull();
  });

  test("an equation is put somewhere, and finds its own place again", () => {
    const place = { across: 0.2, down: 0.3 };
    const put = perform(plainRule(), placeEquation, { figure, equation: "best-", place });
    expect(put.document.figures.main!.equations).toEqual({ "best-": place });
    const back = { figure, equation: "best-", place: null };
    expect(perform(put.document, placeEquation, back).document.figures.main!.equations).toEqual({});
  });
});
