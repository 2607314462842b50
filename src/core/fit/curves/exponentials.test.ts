import fc from "fast-check";
import { exponentials } from "./exponentials";

function powersOf(...numbers: number[]): number[] {
  const to = new Float64Array(numbers.length);
  exponentials(Float64Array.from(numbers), to, numbers.length);
  return [...to];
}

/** The distance of two neighbours near a number. */
const unit = (of: number) => 2 ** (Math.floor(Math.log2(of)) - 52);

describe("powers of e, many at once", () => {
  test("are those that textbooks print", () => {
    expect(powersOf(0, 1, -1, Math.LN2)).toEqual([1, Math.E, 0.36787944117144233, 2]);
    const [ten = 0, root = 0] = powersOf(Math.LN10, 0.5);
    expect(ten).toBeCloseTo(10, 14);
    expect(root).toBeCloseTo(1.6487212707001282, 15);
  });

  test("differ from the engine's own by two units in the last place at most", () => {
    fc.assert(
      fc.property(fc.double({ min: -707, max: 707, noNaN: true }), (x) => {
        const own = Math.exp(x);
        expect(Math.abs(powersOf(x)[0]! - own)).toBeLessThanOrEqual(2 * unit(own));
      }),
      { numRuns: 5000 },
    );
  });

  test("end where numbers end", () => {
    expect(powersOf(710, -746, Infinity, -Infinity, NaN)).toEqual([Infinity, 0, Infinity, 0, NaN]);
    expect(powersOf(709, -745)).toEqual([Math.exp(709), Math.exp(-745)]);
  });
});
