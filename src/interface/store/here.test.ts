import { presencePace, presenceQuiet, type Presence } from "@/protocol/presence";
import { hasNewcomer, hereAfter } from "./here";

const own = { window: "w0", person: "ines" };
const tobi = (place?: string): Presence => ({
  window: "w1",
  person: "tobi",
  name: "Tobi",
  kind: "student",
  at: { stage: "measure", ...(place && { place }) },
});

test("who moves is where they went; who leaves or falls silent is here no more", () => {
  const here = hereAfter([], [tobi()], own, 0);
  expect(here.map(({ name }) => name)).toEqual(["Tobi"]);
  const moved = hereAfter(here, [tobi("cell:r1/T")], own, 1000);
  expect(moved.map(({ at }) => at?.place)).toEqual(["cell:r1/T"]);
  const { window, person, name, kind } = tobi();
  expect(hereAfter(moved, [{ window, person, name, kind }], own, 2000)).toEqual([]);
  expect(hereAfter(moved, [], own, 1001 + presencePace.forgotten)).toEqual([]);
  expect(hereAfter(moved, [], own, 2000)).toBe(moved);
});

test("one’s own windows are not others", () => {
  const elsewhere = { ...tobi(), person: "ines" };
  expect(hereAfter([], [elsewhere, { ...tobi(), window: "w0" }], own, 0)).toEqual([]);
});

test("a window that nobody knew is a newcomer, once", () => {
  expect(hasNewcomer([], [tobi()])).toBe(true);
  expect(hasNewcomer(hereAfter([], [tobi()], own, 0), [tobi("block:b")])).toBe(false);
});

test("a few are seen at once, a crowd more seldom, and nobody so seldom as to be forgotten", () => {
  expect(presenceQuiet(2)).toBe(500);
  expect(presenceQuiet(5)).toBe(500);
  expect(presenceQuiet(15)).toBeGreaterThan(2000);
  expect(presenceQuiet(2000)).toBeLessThan(presencePace.forgotten / 2);
});
