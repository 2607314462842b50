import { instrumentNames } from "@/wording/instrumentNames";
import { sampleWords } from "@/wording/samples";
import { plainFigure } from "../model/figure";
import type { Investigation } from "../model/investigation";
import {
  concluded,
  fixed,
  makeSample,
  opening,
  readings,
  type SampleBlock,
  type SampleRow,
} from "./makeSample";

const words = sampleWords.clampedRule;

/** What the readings are made from. */
export const clampedRuleTruth = {
  /** Young modulus in Pa, load in kg, width and thickness in m. */
  E: 205e9,
  m: 0.14,
  b: 0.0254,
  d: 0.0007,
} as const;

const overhangs = [0.2, 0.25, 0.3, 0.35, 0.4, 0.45, 0.5];
const swings = 10;

function madeRows(): SampleRow[] {
  const { E, m, b, d } = clampedRuleTruth;
  const read = readings(20_261_101);
  return overhangs.map((overhang) => {
    const L = overhang + Number(read(0, 0.0002, 5));
    const T = 2 * Math.PI * Math.sqrt((4 * m * L ** 3) / (E * b * d ** 3));
    const time = [1, 2, 3].map(() => read(swings * T, 0.05, 2));
    return { readings: { overhang: overhang.toFixed(3), time } };
  });
}

const writeUp = (): readonly SampleBlock[] => [
  ...opening(words, "period", "cubed", "squared"),
  {
    kind: "figure",
    of: "main",
    before: words.shows,
  },
  { kind: "line", of: "main" },
  ...concluded("stiffness", words),
  {
    kind: "text",
    section: "references",
    text: [words.source],
  },
];

const constants = () => ({
  load: {
    name: words.load,
    symbol: "m",
    value: "140.0",
    uncertainty: "0.1",
    unit: "g",
    source: instrumentNames.balance,
  },
  width: {
    name: words.width,
    symbol: "b",
    value: "25.4",
    uncertainty: "0.1",
    unit: "mm",
    source: instrumentNames.caliper,
  },
  thickness: {
    name: words.thickness,
    symbol: "d",
    value: "0.70",
    uncertainty: "0.01",
    unit: "mm",
    source: instrumentNames.fivePlaces,
  },
});

/** A loaded steel rule clamped at the edge of the bench: ten swings timed thrice at each overhang, T² against L³. */
export function clampedRule(): Investigation {
  return makeSample({
    title: words.title,
    authors: "Ines, Tobi",
    quantities: {
      overhang: {
        name: words.overhang,
        symbol: "L",
        unit: "m",
        uncertainty: fixed("0.001"),
        instrument: instrumentNames.rule,
        resolution: "0.001",
      },
      time: {
        name: words.time,
        symbol: "t_10",
        unit: "s",
        uncertainty: fixed("0.1"),
        instrument: instrumentNames.stopwatch,
        resolution: "0.01",
        repeats: 3,
      },
      period: { name: words.period, symbol: "T", formula: "t_10/10" },
      cubed: { name: words.cubed, symbol: "L^3", formula: "L^3" },
      squared: { name: words.squared, symbol: "T^2", formula: "T^2" },
    },
    rows: madeRows(),
    constants: constants(),
    figures: {
      main: {
        ...plainFigure("a0", "cubed", "squared"),
        caption: words.caption,
      },
    },
    theory: "T = 2π√(4 m L³/(E b d³))",
    results: {
      stiffness: {
        name: words.stiffness,
        symbol: "E",
        unit: "GPa",
        by: "theory",
        accepted: { value: "210", uncertainty: "5", source: words.accepted },
      },
    },
    examples: { period: 4, cubed: 4, squared: 4 },
    writeUp: writeUp(),
  });
}
