import fc from "fast-check";
import { lowerEnvelope, type Ray, upperEnvelope } from "./envelope";

const number = fc.integer({ min: -20, max: 20 });
const rays = fc
  .array(fc.tuple(number, number), { minLength: 1, maxLength: 25 })
  .map((all) => all.map(([offset, rise], index): Ray => ({ offset, rise, index })));

const at = ({ offset, rise }: Ray, t: number) => offset + rise * t;

function on(stretches: ReturnType<typeof upperEnvelope>, t: number): number {
  const found = [...stretches].reverse().find(({ from }) => from <= t);
  return at(found!.ray, t);
}

describe("envelopes", () => {
  const places = [0, 0.3, 1, 1.7, 2.5, 4, 9, 40];

  test("the upper one is the highest ray everywhere", () => {
    fc.assert(
      fc.property(rays, (all) => {
        const envelope = upperEnvelope(all);
        for (const t of places) {
          expect(on(envelope, t)).toBeCloseTo(Math.max(...all.map((ray) => at(ray, t))), 9);
        }
      }),
      { seed: 31, numRuns: 500 },
    );
  });

  test("the lower one is the lowest ray everywhere", () => {
    fc.assert(
      fc.property(rays, (all) => {
        const envelope = lowerEnvelope(all);
        for (const t of places) {
          expect(on(envelope, t)).toBeCloseTo(Math.min(...all.map((ray) => at(ray, t))), 9);
        }
      }),
      { seed: 32, numRuns: 500 },
    );
  });

  test("its stretches begin at 0 and follow one another", () => {
    fc.assert(
      fc.property(rays, (all) => {
        const starts = upperEnvelope(all).map(({ from }) => from);
        expect(starts[0]).toBe(0);
        expect(starts).toEqual([...starts].sort((a, b) => a - b));
      }),
      { seed: 33, numRuns: 300 },
    );
  });
});
