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

const rule =
  "A steel rule was clamped to the edge of the bench with its flat side up, and a load was taped to its free end, its middle at the length {=L} from the clamp.";
const timed =
  "The load was pushed down by about a finger’s width and let go. Ten swings were timed by hand, three times at each overhang, counting from the lowest point.";

const writeUp: readonly SampleBlock[] = [
  ...opening(
    "To find the stiffness (Young modulus) {=E} of the steel of a rule from the time in which it swings with a load at its free end.",
    [
      rule,
      timed,
      "For small swings the period follows {=T = 2π√(4 m L³/(E b d³))}, with the load {constant:load}, the width {constant:width} and the thickness {constant:thickness} of the rule. So {=T^2} against {=L^3} is a straight line, and its slope holds the stiffness.",
    ],
  ),
  { kind: "readings", of: "main" },
  { kind: "example", of: "period" },
  { kind: "example", of: "cubed" },
  { kind: "example", of: "squared" },
  { kind: "processed", of: "main" },
  {
    kind: "figure",
    of: "main",
    before: "{figure:main} shows the square of the period against the cube of the overhang.",
  },
  { kind: "line", of: "main" },
  { kind: "result", of: "stiffness" },
  { kind: "comparison", of: "stiffness" },
  {
    kind: "text",
    section: "discussion",
    text: [
      "The slope of {figure:main} was {slope:main}, so the stiffness of the steel is {result:stiffness}.",
      "The thickness enters with its third power and brings the largest part of the uncertainty: it should be measured at more places. The times scatter by about a tenth of a second, as timing by hand does.",
    ],
  },
  {
    kind: "text",
    section: "references",
    text: ["Data sheet of spring steel, as kept in the physics room."],
  },
];

const constants = {
  load: {
    name: "load",
    symbol: "m",
    value: "140.0",
    uncertainty: "0.1",
    unit: "g",
    source: "top-pan balance",
  },
  width: {
    name: "width of the rule",
    symbol: "b",
    value: "25.4",
    uncertainty: "0.1",
    unit: "mm",
    source: "vernier caliper",
  },
  thickness: {
    name: "thickness of the rule",
    symbol: "d",
    value: "0.70",
    uncertainty: "0.01",
    unit: "mm",
    source: "micrometer, five places",
  },
};

/** A loaded steel rule clamped at the edge of the bench: ten swings timed thrice at each overhang, T² against L³. */
export function clampedRule(): Investigation {
  return makeSample({
    title: "Springiness of a clamped rule",
    authors: "Ines, Tobi",
    quantities: {
      overhang: {
        name: "overhang",
        symbol: "L",
        unit: "m",
        uncertainty: fixed("0.001"),
        instrument: "metre rule",
        resolution: "0.001",
      },
      time: {
        name: "time for ten swings",
        symbol: "t_10",
        unit: "s",
        uncertainty: fixed("0.1"),
        instrument: "stopwatch by hand",
        resolution: "0.01",
        repeats: 3,
      },
      period: { name: "period", symbol: "T", formula: "t_10/10" },
      cubed: { name: "overhang cubed", symbol: "L^3", formula: "L^3" },
      squared: { name: "period squared", symbol: "T^2", formula: "T^2" },
    },
    rows: madeRows(),
    constants,
    figures: {
      main: {
        ...plainFigure("a0", "cubed", "squared"),
        caption:
          "Square of the period against the cube of the overhang of the clamped rule, with the best-fit, the steepest and the shallowest line; bars show the ±.",
      },
    },
    theory: "T = 2π√(4 m L³/(E b d³))",
    results: {
      stiffness: {
        name: "stiffness of the steel",
        symbol: "E",
        unit: "GPa",
        by: "theory",
        accepted: { value: "210", uncertainty: "5", source: "data sheet of spring steel" },
      },
    },
    examples: { period: 4, cubed: 4, squared: 4 },
    writeUp,
  });
}
