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

const writeUp: readonly SampleBlock[] = [
  ...opening("To find how much less water leaves a round hole than the speed of fall would say.", [
    "Water ran from a cistern through a hole of {constant:hole} near its foot. The head was kept steady by topping up, and the time for {constant:volume} was taken three times at each head.",
    "The water would leave with {=v = √(2 g h)}; of this the share {=c_d} is found in the whole hole, so {=v^2} against {=h} is a straight line of slope {=2*g*c_d^2}.",
  ]),
  { kind: "readings", of: "main" },
  { kind: "example", of: "speed" },
  { kind: "example", of: "squared" },
  { kind: "processed", of: "main" },
  { kind: "figure", of: "main" },
  { kind: "line", of: "main" },
  { kind: "result", of: "coefficient" },
  { kind: "comparison", of: "coefficient" },
  {
    kind: "text",
    section: "discussion",
    text: [
      "The slope of {figure:main} was {slope:main}; so the coefficient is {result:coefficient}. The jet narrows behind the hole, which explains a number below one.",
      "The diameter is common to all points: its ± tilts the line as a whole and shows in no error bar, but it is in the result.",
    ],
  },
];

const constants = {
  volume: {
    name: "volume collected",
    symbol: "V",
    value: "500",
    uncertainty: "2",
    unit: "mL",
    source: "measuring cylinder",
  },
  hole: {
    name: "diameter of the hole",
    symbol: "d",
    value: "5.00",
    uncertainty: "0.02",
    unit: "mm",
    source: "drill, checked with a caliper",
  },
  fall: {
    name: "acceleration of free fall",
    symbol: "g",
    value: "9.81",
    uncertainty: "0.01",
    unit: "m s^-2",
    source: "table",
  },
};

/** Water that leaves a cistern through a round hole: the speed squared against the head. */
export function leakingCistern(): Investigation {
  return makeSample({
    title: "A leaking cistern",
    authors: "Greta, Yusuf",
    quantities: {
      head: {
        name: "head of water",
        symbol: "h",
        unit: "m",
        uncertainty: fixed("0.002"),
        instrument: "metre rule",
        resolution: "0.001",
      },
      time: {
        name: "time for half a litre",
        symbol: "t",
        unit: "s",
        repeats: 3,
        uncertainty: fixed("0.2"),
        instrument: "stopwatch by hand",
        resolution: "0.1",
      },
      speed: { name: "mean speed in the hole", symbol: "v", formula: "4*V/(π*d^2*t)", unit: "m/s" },
      squared: { name: "speed squared", symbol: "v^2", formula: "v^2" },
    },
    rows: madeRows(),
    constants,
    figures: {
      main: {
        ...plainFigure("a0", "head", "squared"),
        caption:
          "Square of the speed in the hole against the head of water, with the best-fit, the steepest and the shallowest line; the bars of h are too small to be seen.",
      },
    },
    theory: "v = c_d*√(2 g h)",
    results: {
      coefficient: {
        name: "coefficient of the hole",
        symbol: "c_d",
        by: "theory",
        accepted: { value: "0.62", uncertainty: "0.01", source: "table, sharp-edged round hole" },
      },
    },
    examples: { speed: 4, squared: 4 },
    writeUp,
  });
}
