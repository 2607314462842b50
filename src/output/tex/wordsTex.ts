import type { Frame } from "@/figure/layout/frame";
import { axisWords } from "@/figure/layout/letterSizes";
import { placeWords, type PlacedWords, type Words } from "@/figure/layout/words";
import { inksOf } from "@/figure/palette";
import type { FigureSpecification } from "@/figure/specification";
import { curveLook } from "./curvesTex";
import { placeTex } from "./outlineTex";
import { markerTex } from "./seriesTex";
import { colourName, familyTex, plainNumber, sizeTex, texOfWords } from "./texText";

const part = (value: number) => plainNumber(Math.round(value * 1000) / 1000);

/** The size and the letters of legend and labels; a size of one's own is that of words along an axis. */
const wordsFont = ({ look, letters }: FigureSpecification) =>
  sizeTex(letters?.words && letters.words / axisWords, "\\footnotesize") + familyTex(look);

/** Words with a corner of their box where it is on the page: the one nearer to an edge, as TeX sets them in other widths. */
function wordsAt(
  { runs, box }: Pick<PlacedWords, "runs" | "box">,
  ink: string,
  frame: Frame,
  font: string,
  name = "",
): string {
  const atRight = box.x + box.width / 2 > (frame.left + frame.right) / 2;
  const corner = atRight ? box.x + box.width : box.x;
  const style = `anchor=north ${atRight ? "east" : "west"}, inner sep=1pt, font=${font}, text=${colourName(ink)}`;
  return `\\node[${style}]${name && ` (${name})`} at (axis cs:${placeTex([corner, box.y], frame).slice(1)} {${texOfWords(runs)}};`;
}

/** Where the legend stands on the page, and who is in it. */
function legendTex(legend: Words["legend"], figure: FigureSpecification, frame: Frame) {
  if (!legend) return { options: [], entries: [] };
  const { left, right, top, bottom } = frame;
  const { entries, box } = legend;
  const at = `${part((box.x - left) / (right - left))},${part(1 - (box.y - top) / (bottom - top))}`;
  const text = `font=${wordsFont(figure)}, text=${colourName(inksOf(figure.look).ink)}`;
  return {
    options: [
      `legend style={at={(${at})}, anchor=north west, draw=none, fill=none, inner sep=0pt, ${text}}`,
      "legend cell align=left",
    ],
    entries: entries.flatMap(({ of, curve, runs }) => {
      const own = curve === undefined ? undefined : figure.curves?.[curve];
      const look = own ? curveLook(own, curve as number, figure) : markerTex(of, figure, frame);
      return [`\\addlegendimage{${look}}`, `\\addlegendentry{${texOfWords(runs)}}`];
    }),
  };
}

/** Labels with their arrows. */
function labelsTex({ labels }: Words, figure: FigureSpecification, frame: Frame): string[] {
  const { look } = figure;
  const { ink } = inksOf(look);
  return labels.flatMap((words, index) => {
    const { to } = words.label;
    const name = `label${index}`;
    const node = wordsAt(words, ink, frame, wordsFont(figure), name);
    if (!to) return [node];
    const end = `(axis cs:${plainNumber(to.x)},${plainNumber(to.y)})`;
    return [node, `\\draw[->, draw=${colourName(ink)}, line width=0.8bp] (${name}) -- ${end};`];
  });
}

/** The slope triangle with the lengths of its sides. */
function triangleTex({ triangle }: Words, figure: FigureSpecification, frame: Frame): string[] {
  const { look } = figure;
  if (!triangle) return [];
  const { petrol } = inksOf(look);
  const sides = triangle.corners.map((corner) => `(axis cs:${placeTex(corner, frame).slice(1)}`);
  return [
    `\\draw[draw=${colourName(petrol)}, line width=0.9bp] ${sides.join(" -- ")};`,
    ...triangle.words.map((words) => wordsAt(words, petrol, frame, wordsFont(figure))),
  ];
}

/** Everything that is written on the drawing area: options of the axis for the legend, and what stands on it. */
export function writtenTex(figure: FigureSpecification, frame: Frame) {
  const words = placeWords(figure, frame);
  const equationFont = sizeTex(figure.letters?.equations, "\\footnotesize");
  const inks = inksOf(figure.look);
  const { options, entries } = legendTex(words.legend, figure, frame);
  return {
    options,
    written: [
      ...entries,
      ...triangleTex(words, figure, frame),
      ...words.equations.map((one) =>
        wordsAt(one, one.uncertain ? inks.magenta : inks.ink, frame, equationFont),
      ),
      ...labelsTex(words, figure, frame),
    ],
  };
}
