import { boarded, straightening } from "@/pipeline/straighten/straightening";
import { evaluateTables } from "@/pipeline/table/table";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { boardDrawing } from "./boardDrawing";
import { smallSize } from "./smallFigure";

function rows() {
  const document = plainRule();
  const { table, x, y } = boarded(evaluateTables(document), document.figures.main, document.board)!;
  return straightening(table, x, y, "", "", document.houseRules).board.rows;
}

/** The strokes of a path, each begun by its M. */
const strokes = (path: string) =>
  [...path.matchAll(/M([\d.]+) ([\d.]+)(?:L([\d.]+) ([\d.]+))?/g)].map((found) =>
    found.slice(1).map(Number),
  );

describe("the board as one drawing", () => {
  test("has the seven readings of every pair at its own place", () => {
    const all = rows();
    const { points, width, height } = boardDrawing(all);
    expect([width / smallSize.width, height / smallSize.height]).toEqual([
      all[0]!.length,
      all.length,
    ]);
    const places = new Map<string, number>();
    for (const [x = 0, y = 0] of strokes(points)) {
      const place = `${Math.floor(x / smallSize.width)} ${Math.floor(y / smallSize.height)}`;
      places.set(place, (places.get(place) ?? 0) + 1);
    }
    expect(places.size).toBe(all.length * all[0]!.length);
    expect(new Set(places.values())).toEqual(new Set([7]));
  });

  test("keeps each line on its own figure", () => {
    const lines = strokes(boardDrawing(rows()).lines);
    expect(lines).toHaveLength(100);
    for (const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] of lines) {
      const row = Math.floor((y1 + y2) / 2 / smallSize.height);
      for (const y of [y1, y2]) {
        expect(y).toBeGreaterThanOrEqual(row * smallSize.height - 0.1);
        expect(y).toBeLessThanOrEqual((row + 1) * smallSize.height + 0.1);
      }
      expect(Math.floor(x1 / smallSize.width)).toBe(Math.floor(x2 / smallSize.width));
    }
  });

  test("has a ground for every bar, and the bars of straight pairs apart from the others", () => {
    const { ground, straight, bent } = boardDrawing(rows());
    expect(strokes(ground)).toHaveLength(100);
    expect(strokes(straight).length + strokes(bent).length).toBe(100);
    expect(strokes(straight).length).toBeGreaterThan(0);
  });
});
