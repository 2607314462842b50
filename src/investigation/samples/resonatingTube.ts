import { plainFigure } from "../model/figure";
import type { Investigation } from "../model/investigation";
import {
  fixed,
  makeSample,
  opening,
  readings,
  type SampleBlock,
  type SampleRow,
} from "./makeSample";

/** What the readings are made from: speed of sound in m/s, end correction in m. */
export const resonatingTubeTruth = { v: 344.1, e: 0.0102 } as const;

const forks = [256, 288, 320, 341.3, 384, 426.7, 480, 512];

function madeRows(): SampleRow[] {
  const { v, e } = resonatingTubeTruth;
  const read = readings(20_261_102);
  return forks.map((fork) => {
    const L = v / (4 * fork) - e;
    const length = [1, 2, 3].map(() => read(L, 0.001, 3));
    return { readings: { frequency: fork.toFixed(1), length } };
  });
}

const writeUp: readonly SampleBlock[] = [
  ...opening("To find the speed of sound in air, and how far the sound reaches beyond the tube.", [
    "A tube stood upright in water. A fork was struck and held over its mouth, and the tube was raised until the sound was loudest for the first time. The length of the air column was read three times for each fork.",
    "A quarter of a wave fits into the tube and a little more: {=L + e = v/(4 f)}. So the length against the reciprocal of the frequency is a straight line of slope {=v/4} whose intercept is minus the end correction.",
  ]),
  { kind: "readings", of: "main" },
  { kind: "example", of: "reciprocal" },
  { kind: "processed", of: "main" },
  { kind: "figure", of: "main" },
  { kind: "line", of: "main" },
  { kind: "result", of: "sound" },
  { kind: "comparison", of: "sound" },
  { kind: "result", of: "correction" },
  { kind: "comparison", of: "correction" },
  {
    kind: "text",
    section: "discussion",
    text: [
      "From {figure:main} the speed of sound is {result:sound} and the end correction {result:correction}. A fit through the origin would have hidden the end correction and made the sound too slow.",
      "Where the sound is loudest can be told to a few millimetres only; the forks are far surer.",
    ],
  },
];

/** A tube over water: the length at which it resounds to each fork against 1/f; the intercept is the end correction. */
export function resonatingTube(): Investigation {
  return makeSample({
    title: "A resonating tube over water",
    authors: "Mara, Jonte",
    quantities: {
      frequency: { name: "frequency", symbol: "f", unit: "Hz", uncertainty: fixed("0.5") },
      length: {
        name: "length of the air column",
        symbol: "L",
        unit: "m",
        repeats: 3,
        uncertainty: fixed("0.001"),
        instrument: "metre rule",
        resolution: "0.001",
      },
      reciprocal: { name: "reciprocal of the frequency", symbol: "1/f", formula: "1/f", unit: "s" },
    },
    rows: madeRows(),
    constants: {},
    figures: {
      main: {
        ...plainFigure("a0", "reciprocal", "length"),
        caption:
          "Length of the air column against the reciprocal of the frequency, with the best-fit, the steepest and the shallowest line; the bars of 1/f are too small to be seen.",
      },
    },
    theory: "L + e = v/(4 f)",
    results: {
      sound: {
        name: "speed of sound",
        symbol: "v",
        unit: "m/s",
        by: "theory",
        accepted: { value: "343.9", uncertainty: "0.3", source: "table, air at 21 °C" },
      },
      correction: {
        name: "end correction",
        symbol: "e",
        unit: "mm",
        by: "theory",
        from: { kind: "intercept" },
        accepted: { value: "10", uncertainty: "1", source: "0.6 of the tube’s radius" },
      },
    },
    examples: { reciprocal: 3 },
    writeUp,
  });
}
