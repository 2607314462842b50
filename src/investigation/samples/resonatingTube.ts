import { instrumentNames } from "@/wording/instrumentNames";
import { sampleWords } from "@/wording/samples";
import { plainFigure } from "../model/figure";
import type { Investigation } from "../model/investigation";
import {
  compared,
  concluded,
  fixed,
  makeSample,
  opening,
  plotted,
  readings,
  type SampleBlock,
  type SampleRow,
} from "./makeSample";

const words = sampleWords.resonatingTube;

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

const writeUp = (): readonly SampleBlock[] => [
  ...opening(words, "reciprocal"),
  ...plotted,
  ...compared("sound"),
  ...concluded("correction", words),
];

/** A tube over water: the length at which it resounds to each fork against 1/f; the intercept is the end correction. */
export function resonatingTube(): Investigation {
  return makeSample({
    title: words.title,
    authors: "Mara, Jonte",
    quantities: {
      frequency: { name: words.frequency, symbol: "f", unit: "Hz", uncertainty: fixed("0.5") },
      length: {
        name: words.length,
        symbol: "L",
        unit: "m",
        repeats: 3,
        uncertainty: fixed("0.001"),
        instrument: instrumentNames.rule,
        resolution: "0.001",
      },
      reciprocal: { name: words.reciprocal, symbol: "1/f", formula: "1/f", unit: "s" },
    },
    rows: madeRows(),
    constants: {},
    figures: {
      main: {
        ...plainFigure("a0", "reciprocal", "length"),
        caption: words.caption,
      },
    },
    theory: "L + e = v/(4 f)",
    results: {
      sound: {
        name: words.sound,
        symbol: "v",
        unit: "m/s",
        by: "theory",
        accepted: { value: "343.9", uncertainty: "0.3", source: words.table },
      },
      correction: {
        name: words.correction,
        symbol: "e",
        unit: "mm",
        by: "theory",
        from: { kind: "intercept" },
        accepted: { value: "10", uncertainty: "1", source: words.radius },
      },
    },
    examples: { reciprocal: 3 },
    writeUp: writeUp(),
  });
}
