import { boxWithin } from "./boxWithin";
import type { RunText } from "@/core/unit/runText";
import type {
  FigureSpecification,
  LabelSpecification,
  SeriesSpecification,
} from "../specification";
import { type Box, emptiestPlace, obstaclesOf } from "./emptiestPlace";
import type { Frame } from "./frame";
import { type PlacedTriangle, placeTriangle } from "./trianglePlace";
import { type FacedRun, faced, setRuns } from "./setText";

/** A line of text with its box on the paper. */
export interface PlacedWords {
  readonly runs: readonly FacedRun[];
  readonly size: number;
  readonly box: Box;
}

export interface LegendEntry {
  readonly of: Pick<SeriesSpecification, "name" | "seriesNumber" | "own">;
  readonly runs: readonly FacedRun[];
  /** The number of the curve in the figure, from 0; absent where the entry has a marker. */
  readonly curve?: number;
}

/** Everything written on the drawing area, with its place. */
export interface Words {
  readonly legend?: {
    readonly entries: readonly LegendEntry[];
    readonly size: number;
    readonly box: Box;
  };
  readonly equations: readonly (PlacedWords & {
    readonly id: string;
    readonly uncertain: boolean;
  })[];
  readonly labels: readonly (PlacedWords & { readonly label: LabelSpecification })[];
  readonly triangle?: PlacedTriangle | undefined;
}

/** Height of a line beside its size. */
export const lineHeight = 1.45;
/** Room for the marker before a name, beside the size. */
export const markerRoom = 1.8;
const longestName = 40;

function shortened(name: string): string {
  return name.length > longestName ? `${name.slice(0, longestName - 1)}…` : name;
}

/** A box at a place that is given as parts of the drawing area. */
function putAt(
  { across, down }: { across: number; down: number },
  { width, height }: Pick<Box, "width" | "height">,
  { left, right, top, bottom }: Frame,
): Box {
  return { x: left + across * (right - left), y: top + down * (bottom - top), width, height };
}

/** Series where there are several or one has words for it, curves where there are several. */
function legendEntries({ series: all, curves = [], look }: FigureSpecification): LegendEntry[] {
  const series = all.filter(({ lineAlone }) => !lineAlone);
  const set = (text: RunText) => faced(text, look.lettering, "serifItalic");
  const worded = series.some(({ own }) => own?.legend);
  const markers = series.length > 1 || worded ? series : [];
  const named = (curve: string, of: SeriesSpecification | undefined) =>
    series.length > 1 && of ? `${curve}, ${of.own?.legend ?? of.name}` : curve;
  const wordsOf = ({ name, symbol, own }: SeriesSpecification): RunText =>
    own?.legend ? [{ text: own.legend }] : (symbol ?? [{ text: shortened(name) }]);
  return [
    ...markers.map((of) => ({ of, runs: set(wordsOf(of)) })),
    ...(curves.length > 1 ? curves : []).map(({ name, series: at }, curve) => ({
      of: series[at] ?? { name: "", seriesNumber: 0 },
      curve,
      runs: set([{ text: shortened(named(name, series[at])) }]),
    })),
  ];
}

function legendSize(entries: readonly LegendEntry[], frame: Frame) {
  const widest = (size: number) =>
    Math.max(...entries.map(({ runs }) => setRuns(runs, size).width)) + (markerRoom + 0.4) * size;
  const full = frame.letters.words;
  const room = (frame.right - frame.left) * 0.6;
  const size = Math.min(full, (full * room) / widest(full));
  return {
    size,
    width: widest(size),
    height: entries.length * size * lineHeight + size * 0.3,
  };
}

function labelWords(label: LabelSpecification, figure: FigureSpecification, frame: Frame) {
  const size = frame.letters.words * 1.05;
  const runs: FacedRun[] = [{ text: label.text, face: figure.look.lettering }];
  const { width } = setRuns(runs, size);
  const place = { x: frame.across(label.x), y: frame.up(label.y) - size };
  return { label, runs, size, box: boxWithin({ ...place, width, height: size * 1.3 }, frame) };
}

/** Gives legend, equations and labels their places: those put by hand first, the others where they cover least. */
export function placeWords(figure: FigureSpecification, frame: Frame): Words {
  const labels = figure.labels.map((label) => labelWords(label, figure, frame));
  const triangle = placeTriangle(figure, frame);
  const taken: Box[] = [...labels, ...(triangle?.words ?? [])].map(({ box }) => box);
  const wanted = figure.series.flatMap(({ lines }) =>
    lines.flatMap(({ equation }) => equation ?? []),
  );
  const entries = legendEntries(figure);
  const hasWords = entries.length > 0 || wanted.length > 0;
  const obstacles = hasWords ? obstaclesOf(figure, frame) : [];
  let legend: Words["legend"];
  if (entries.length > 0) {
    const { size, ...room } = legendSize(entries, frame);
    const by = figure.legend;
    const box = by
      ? boxWithin(putAt(by, room, frame), frame)
      : emptiestPlace(room, frame, obstacles, taken);
    legend = { entries, size, box };
    taken.push(box);
  }
  const equations = figure.series.flatMap(({ lines }) =>
    lines.flatMap(({ equation, role }): Words["equations"][number][] => {
      if (!equation) return [];
      const { id, text, at } = equation;
      const runs = faced(text, "serif", "serifItalic");
      const full = frame.letters.equations;
      const { width } = setRuns(runs, full);
      const size = Math.min(full, (full * (frame.right - frame.left) * 0.8) / width);
      const room = { width: (width * size) / full, height: size * 1.3 };
      const box = at
        ? boxWithin(putAt(at, room, frame), frame)
        : emptiestPlace(room, frame, obstacles, taken);
      taken.push(box);
      return [{ id, runs, size, box, uncertain: role !== "best" }];
    }),
  );
  return { legend, equations, labels, triangle };
}
