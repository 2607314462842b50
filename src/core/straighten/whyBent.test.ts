import { boardOf } from "./board";
import { transformedColumns, type TransformId } from "./transforms";
import { whyBent } from "./whyBent";

const scatter = [0.4, -0.7, 0.2, 0.6, -0.5, -0.1, 0.5, -0.4];

function board(x: readonly number[], y: (x: number, i: number) => number) {
  const column = (values: readonly number[]) => {
    const none = new Float64Array(values.length);
    return transformedColumns({ values: Float64Array.from(values), up: none, down: none });
  };
  return boardOf(column(x), column(x.map(y)), 1);
}

const pair = (x: TransformId, y: TransformId) => ({ x, y });
const x = [1, 2, 3, 4, 5, 6, 7, 8];

describe("why a pair is not straight", () => {
  const squareWithOffset = board(x, (v, i) => 3 * v * v + 40 + 0.3 * (scatter[i] as number));

  test("a constant under a root: y against x² is straight and does not begin at zero", () => {
    expect(whyBent(squareWithOffset, pair("1", "0.5"))).toEqual({
      kind: "offset",
      straight: pair("2", "1"),
    });
    expect(whyBent(squareWithOffset, pair("ln", "ln"))?.kind).toBe("offset");
  });

  test("another power than the one that was tried", () => {
    expect(whyBent(squareWithOffset, pair("3", "1"))).toEqual({
      kind: "other-law",
      straight: pair("2", "1"),
    });
  });

  test("nothing of a pair that is straight, nor where no pair is", () => {
    expect(whyBent(squareWithOffset, pair("2", "1"))).toBeUndefined();
    const wave = board(x, (v) => 5 + 3 * Math.sin(2 * v));
    expect(whyBent(wave, pair("3", "3"))).toBeUndefined();
  });
});
