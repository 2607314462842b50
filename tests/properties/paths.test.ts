import fc from "fast-check";
import svgpath from "svgpath";
import { trace } from "@/figure/render/canvas";
import { svgPath } from "@/figure/render/svgPath";
import { type Path, placed, type Segment } from "@/figure/path/path";
import { pathTikz } from "@/output/documents/sceneTikz";
import { pathOperators } from "@/output/pdf/pathOperators";
import { stretchesOf } from "@/output/tex/stretches";
import {
  apart,
  readPdfPath,
  readSvgPath,
  readTikzPath,
  roundAbout,
  type Sampled,
  sampled,
  type Told,
} from "../fixtures/readPath";

const coordinate = fc.double({ min: -300, max: 900, noNaN: true });
const size = fc.double({ min: 0.2, max: 60, noNaN: true });
const at = { x: coordinate, y: coordinate };

const begun = fc
  .tuple(
    fc.record({ kind: fc.constant("move" as const), ...at }),
    fc.array(
      fc.oneof(
        fc.record({ kind: fc.constant("line" as const), ...at }),
        fc.record({
          kind: fc.constant("curve" as const),
          x1: coordinate,
          y1: coordinate,
          x2: coordinate,
          y2: coordinate,
          ...at,
        }),
      ),
      { minLength: 1, maxLength: 5 },
    ),
    fc.boolean(),
  )
  .map(([move, rest, closed]): Segment[] => [
    move,
    ...rest,
    ...(closed ? [{ kind: "close" } as const] : []),
  ]);
const circle = fc.record({ kind: fc.constant("circle" as const), ...at, radius: size });
const box = fc.record({ kind: fc.constant("box" as const), ...at, width: size, height: size });

/** Outlines of up to four stretches: lines, curves, circles and boxes. */
const anyPath: fc.Arbitrary<Path> = fc
  .array(
    fc.oneof(
      begun,
      circle.map((one): Segment[] => [one]),
      box.map((one): Segment[] => [one]),
    ),
    { minLength: 1, maxLength: 4 },
  )
  .map((parts) => parts.flat());

/** SVG and TikZ write hundredths, half of which a place and a radius may be off in each direction. */
const off = 0.021;

const onSvg = (path: Path) => sampled(readSvgPath(svgPath(path)));

/** A canvas that takes down what is drawn on it. */
function onCanvas(path: Path): Sampled {
  const told: Told[] = [];
  trace(path, {
    moveTo: (x, y) => void told.push(["m", x, y]),
    lineTo: (x, y) => void told.push(["l", x, y]),
    bezierCurveTo: (...numbers) => void told.push(["c", ...numbers]),
    closePath: () => void (told.at(-1)?.[0] !== "h" && told.push(["h"])),
    rect: (...numbers) => void told.push(...readPdfPath([`${numbers.join(" ")} re`])),
    arc: (x, y, radius, from, to) => {
      expect([from, to]).toEqual([0, 2 * Math.PI]);
      told.pop();
      told.push(...readSvgPath(roundAbout(x, y, radius)));
    },
  });
  return sampled(told);
}

describe("an outline", () => {
  test("is the same on an SVG, a canvas, a page of a PDF and in TikZ", () => {
    fc.assert(
      fc.property(anyPath, (path) => {
        const svg = onSvg(path);
        expect(apart(svg, onCanvas(path))).toBeLessThan(off);
        expect(apart(svg, sampled(readPdfPath(pathOperators(path))))).toBeLessThan(off);
        const tikz = sampled(readTikzPath(pathTikz(path, 400), 400));
        expect(apart(svg, tikz)).toBeLessThan(off);
      }),
    );
  });

  test("in straight pieces for a plot in TeX has its places on it, stretch by stretch", () => {
    fc.assert(
      fc.property(anyPath, (path) => {
        const pieces = stretchesOf(path).map(({ places, closed }) =>
          closed ? [...places, places[0]!] : places,
        );
        expect(apart(pieces, onSvg(path))).toBeLessThan(off);
      }),
    );
  });

  test("moved and made larger lies where an SVG library moves it", () => {
    const factor = fc.double({ min: 0.1, max: 4, noNaN: true });
    fc.assert(
      fc.property(anyPath, coordinate, coordinate, factor, (path, x, y, scale) => {
        const theirs = svgpath(svgPath(path)).scale(scale).translate(x, y).toString();
        const ours = onSvg(placed(path, x, y, scale));
        expect(apart(ours, sampled(readSvgPath(theirs)))).toBeLessThan(off * (1 + scale));
      }),
    );
  });

  test("says nothing but numbers in hundredths and its letters", () => {
    fc.assert(
      fc.property(anyPath, (path) => {
        expect(svgPath(path)).toMatch(
          /^(?:[MLCahvZ](?:-?\d+(?:\.\d\d?)?(?: |(?=[MLCahvZ]|$)))*)+$/,
        );
        expect(svgPath(path)).not.toMatch(/-0(?![.\d])/);
      }),
    );
  });
});
