import { instrumentNames } from "@/wording/instrumentNames";
import { sampleWords } from "@/wording/samples";
import { plainFigure, plainLine } from "../model/figure";
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

const words = sampleWords.bariumHydroxide;

/** What the readings are made from: volumes in mL, concentrations in mol/L. */
export const bariumHydroxideTruth = { crossing: 12.38, acid: 0.05, base: 20 } as const;

const volumes = [1, 3, 5, 7, 9, 11, 14, 16, 18, 20, 22];

function madeRows(): SampleRow[] {
  const { crossing } = bariumHydroxideTruth;
  const read = readings(20_261_106);
  return volumes.map((volume): SampleRow => {
    const falling = volume < crossing;
    const conductance = falling
      ? 0.06 + 0.212 * (crossing - volume)
      : 0.06 + 0.247 * (volume - crossing);
    return {
      series: falling ? "before" : "after",
      readings: { volume: volume.toFixed(2), conductance: read(conductance, 0.008, 2) },
    };
  });
}

const writeUp = (): readonly SampleBlock[] => [
  ...opening(words),
  ...plotted,
  { kind: "result", of: "crossing" },
  ...concluded("concentration", words),
];

const constants = () => ({
  acid: {
    name: words.acid,
    symbol: "c_a",
    value: "0.0500",
    uncertainty: "0.0003",
    unit: "mol/L",
    source: words.acidSource,
  },
  base: {
    name: words.base,
    symbol: "V_b",
    value: "20.00",
    uncertainty: "0.03",
    unit: "mL",
    source: instrumentNames.pipette,
  },
});

/** Barium hydroxide with sulfuric acid, followed by conductance: two lines that cross where all is precipitated. */
export function bariumHydroxide(): Investigation {
  return makeSample({
    title: words.title,
    authors: "Noor, Emil",
    quantities: {
      volume: {
        name: words.volume,
        symbol: "V",
        unit: "mL",
        uncertainty: fixed("0.05"),
        instrument: instrumentNames.burette,
        resolution: "0.05",
      },
      conductance: {
        name: words.conductance,
        symbol: "G",
        unit: "mS",
        uncertainty: fixed("0.02"),
        resolution: "0.01",
      },
    },
    series: { before: words.falling, after: words.rising },
    rows: madeRows(),
    constants: constants(),
    figures: {
      main: {
        ...plainFigure("a0", "volume", "conductance"),
        caption: words.caption,
        line: {
          ...structuredClone(plainLine),
          reach: { best: "paper", steepest: "data", shallowest: "data" },
        },
      },
    },
    results: {
      crossing: {
        name: words.crossing,
        symbol: "V_e",
        unit: "mL",
        from: { kind: "crossing", series: "before", second: "after" },
      },
      concentration: {
        name: words.concentration,
        symbol: "c_b",
        unit: "mol/L",
        by: "formula",
        formula: "c_a*V_e/V_b",
        from: { kind: "none" },
        accepted: { value: "0.0310", uncertainty: "0.0003", source: words.weighed },
      },
    },
    writeUp: writeUp(),
  });
}
