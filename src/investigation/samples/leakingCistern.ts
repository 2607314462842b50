import { instrumentNames } from "@/wording/instrumentNames";
import { sampleWords } from "@/wording/samples";
import { plainFigure } from "../model/figure";
import type { Investigation } from "../model/investigation";
import {
  concluded,
  fixed,
  makeSample,
  opening,
  plotted,
  readings,
  type SampleBlock,
  type SampleRow,
} from "./makeSample";

const words = sampleWords.leakingCistern;

/** What the readings are made from: coefficient of the hole, its diameter in m, free fall in m/s². */
export const leakingCisternTruth = { coefficient: 0.62, hole: 0.005, g: 9.81 } as const;

const heads = [0.1, 0.16, 0.22, 0.3, 0.38, 0.46, 0.54];
const collected = 0.0005;

function madeRows(): SampleRow[] {
  const { coefficient, hole, g } = leakingCisternTruth;
  const read = readings(20_261_107);
  return heads.map((head): SampleRow => {
    const speed = coefficient * Math.sqrt(2 * g * head);
    const t = collected / (((Math.PI * hole ** 2) / 4) * speed);
    const time = [1, 2, 3].map(() => read(t, 0.15, 1));
    return { readings: { head: head.toFixed(3), time } };
  });
}

const writeUp = (): readonly SampleBlock[] => [
  ...opening(words, "speed", "squared"),
  ...plotted,
  ...concluded("coefficient", words),
];

const constants = () => ({
  volume: {
    name: words.volume,
    symbol: "V",
    value: "500",
    uncertainty: "2",
    unit: "mL",
    source: instrumentNames.cylinder,
  },
  hole: {
    name: words.hole,
    symbol: "d",
    value: "5.00",
    uncertainty: "0.02",
    unit: "mm",
    source: words.drill,
  },
  fall: {
    name: words.fall,
    symbol: "g",
    value: "9.81",
    uncertainty: "0.01",
    unit: "m s^-2",
    source: words.table,
  },
});

/** Water that leaves a cistern through a round hole: the speed squared against the head. */
export function leakingCistern(): Investigation {
  return makeSample({
    title: words.title,
    authors: "Greta, Yusuf",
    quantities: {
      head: {
        name: words.head,
        symbol: "h",
        unit: "m",
        uncertainty: fixed("0.002"),
        instrument: instrumentNames.rule,
        resolution: "0.001",
      },
      time: {
        name: words.time,
        symbol: "t",
        unit: "s",
        repeats: 3,
        uncertainty: fixed("0.2"),
        instrument: instrumentNames.stopwatch,
        resolution: "0.1",
      },
      speed: { name: words.speed, symbol: "v", formula: "4*V/(π*d^2*t)", unit: "m/s" },
      squared: { name: words.squared, symbol: "v^2", formula: "v^2" },
    },
    rows: madeRows(),
    constants: constants(),
    figures: {
      main: {
        ...plainFigure("a0", "head", "squared"),
        caption: words.caption,
      },
    },
    theory: "v = c_d*√(2 g h)",
    results: {
      coefficient: {
        name: words.coefficient,
        symbol: "c_d",
        by: "theory",
        accepted: { value: "0.62", uncertainty: "0.01", source: words.accepted },
      },
    },
    examples: { speed: 4, squared: 4 },
    writeUp: writeUp(),
  });
}
