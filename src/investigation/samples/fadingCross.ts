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

/** What the readings are made from: activation energy in J/mol, time at 20 °C in s. */
export const fadingCrossTruth = { energy: 50_500, gas: 8.31446261815324, at20: 98 } as const;

const temperatures = [20, 25, 30, 36, 42, 48, 54];
const zero = 273.15;

function madeRows(): SampleRow[] {
  const { energy, gas, at20 } = fadingCrossTruth;
  const read = readings(20_261_105);
  return temperatures.map((celsius): SampleRow => {
    const warm = Number(read(celsius, 0.2, 1));
    const t = at20 * Math.exp((energy / gas) * (1 / (warm + zero) - 1 / (20 + zero)));
    const time = [1, 2].map(() => read(t, 0.012 * t, 1));
    return { readings: { celsius: warm.toFixed(1), time } };
  });
}

const writeUp: readonly SampleBlock[] = [
  ...opening("To find the activation energy of a reaction that clouds a solution.", [
    "A beaker stood on a cross drawn on paper. Thiosulfate solution and dilute acid were brought to the same temperature and poured together, and the time was taken until the cross could not be seen any more, twice at each temperature.",
    "The reciprocal of this time stands for the rate: {=1/t = A*exp(-E_a/(R*T))}. So {=ln(1/t)} against {=1/T} is a straight line of slope {=-E_a/R}.",
  ]),
  { kind: "readings", of: "main" },
  { kind: "example", of: "kelvin" },
  { kind: "example", of: "reciprocal" },
  { kind: "example", of: "logarithm" },
  { kind: "processed", of: "main" },
  { kind: "figure", of: "main" },
  { kind: "line", of: "main" },
  { kind: "result", of: "energy" },
  { kind: "comparison", of: "energy" },
  {
    kind: "text",
    section: "discussion",
    text: [
      "The slope of {figure:main} gives an activation energy of {result:energy}.",
      "When the cross is gone is a matter of judgement; the same pair of eyes should judge every time.",
    ],
  },
];

/** How long a cross takes to vanish behind a clouding solution: ln(1/t) against 1/T, and the activation energy. */
export function fadingCross(): Investigation {
  return makeSample({
    title: "The fading cross",
    authors: "Ida, Kofi",
    quantities: {
      celsius: {
        name: "temperature",
        symbol: "theta",
        unit: "°C",
        uncertainty: fixed("0.5"),
        instrument: "thermometer",
        resolution: "0.5",
      },
      time: {
        name: "time until the cross is gone",
        symbol: "t",
        unit: "s",
        repeats: 2,
        uncertainty: { kind: "percent", percent: "3" },
        instrument: "stopwatch by hand",
      },
      kelvin: { name: "temperature", symbol: "T", formula: "theta", unit: "K" },
      reciprocal: { name: "reciprocal of the temperature", symbol: "1/T", formula: "1/T" },
      logarithm: { name: "logarithm of the rate", symbol: "ln(1/t)", formula: "ln(1/t)" },
    },
    rows: madeRows(),
    constants: {
      gas: {
        name: "molar gas constant",
        symbol: "R",
        value: "8.31446261815324",
        unit: "J K^-1 mol^-1",
        source: "SI, exact",
      },
    },
    figures: {
      main: {
        ...plainFigure("a0", "reciprocal", "logarithm"),
        caption:
          "Logarithm of the rate against the reciprocal of the temperature, with the best-fit, the steepest and the shallowest line; bars show the ±.",
      },
    },
    theory: "1/t = A*exp(-E_a/(R*T))",
    results: {
      energy: {
        name: "activation energy",
        symbol: "E_a",
        unit: "kJ/mol",
        by: "theory",
        accepted: { value: "51", uncertainty: "2", source: "mean of last year’s class" },
      },
    },
    examples: { kelvin: 3, reciprocal: 3, logarithm: 3 },
    writeUp,
  });
}
