import { instrumentNames } from "@/wording/instrumentNames";
import { sampleWords } from "@/wording/samples";
import { natureName, natureSource } from "@/wording/nature";
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

const words = sampleWords.fadingCross;

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

const writeUp = (): readonly SampleBlock[] => [
  ...opening(words, "kelvin", "reciprocal", "logarithm"),
  ...plotted,
  ...concluded("energy", words),
];

/** How long a cross takes to vanish behind a clouding solution: ln(1/t) against 1/T, and the activation energy. */
export function fadingCross(): Investigation {
  return makeSample({
    title: words.title,
    authors: "Ida, Kofi",
    quantities: {
      celsius: {
        name: words.celsius,
        symbol: "theta",
        unit: "°C",
        uncertainty: fixed("0.5"),
        instrument: instrumentNames.thermometer,
        resolution: "0.5",
      },
      time: {
        name: words.time,
        symbol: "t",
        unit: "s",
        repeats: 2,
        uncertainty: { kind: "percent", percent: "3" },
        instrument: instrumentNames.stopwatch,
      },
      kelvin: { name: words.kelvin, symbol: "T", formula: "theta", unit: "K" },
      reciprocal: { name: words.reciprocal, symbol: "1/T", formula: "1/T" },
      logarithm: { name: words.logarithm, symbol: "ln(1/t)", formula: "ln(1/t)" },
    },
    rows: madeRows(),
    constants: {
      gas: {
        name: natureName("gas"),
        symbol: "R",
        value: "8.31446261815324",
        unit: "J K^-1 mol^-1",
        source: natureSource("SI, exact"),
      },
    },
    figures: {
      main: {
        ...plainFigure("a0", "reciprocal", "logarithm"),
        caption: words.caption,
      },
    },
    theory: "1/t = A*exp(-E_a/(R*T))",
    results: {
      energy: {
        name: words.energy,
        symbol: "E_a",
        unit: "kJ/mol",
        by: "theory",
        accepted: { value: "51", uncertainty: "2", source: words.accepted },
      },
    },
    examples: { kelvin: 3, reciprocal: 3, logarithm: 3 },
    writeUp: writeUp(),
  });
}
