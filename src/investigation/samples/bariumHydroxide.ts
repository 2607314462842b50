import { plainFigure, plainLine } from "../model/figure";
import type { Investigation } from "../model/investigation";
import {
  fixed,
  makeSample,
  opening,
  readings,
  type SampleBlock,
  type SampleRow,
} from "./makeSample";

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
      readings: { volume: volume.toFixed(2), conductance: read(conductance, 0.008, 3) },
    };
  });
}

const writeUp: readonly SampleBlock[] = [
  ...opening("To find the concentration of a solution of barium hydroxide.", [
    "Sulfuric acid of {constant:acid} was let run from a burette into {constant:base} of barium hydroxide solution, with the two plates of a conductance cell in it. The conductance was read after each addition, corrected for the added volume.",
    "Barium sulfate and water form, and the solution loses its ions until both are used up alike; from then on the acid brings new ones. At the crossing {=c_b = c_a*V_e/V_b}.",
  ]),
  { kind: "readings", of: "main" },
  { kind: "figure", of: "main" },
  { kind: "line", of: "main" },
  { kind: "result", of: "crossing" },
  { kind: "result", of: "concentration" },
  { kind: "comparison", of: "concentration" },
  {
    kind: "text",
    section: "discussion",
    text: [
      "The lines of {figure:main} cross at {result:crossing}, so the concentration is {result:concentration}.",
      "Readings next to the crossing were left out of neither line; they lie a little above both, for the salt is not wholly insoluble.",
    ],
  },
];

const constants = {
  acid: {
    name: "concentration of the acid",
    symbol: "c_a",
    value: "0.0500",
    uncertainty: "0.0003",
    unit: "mol/L",
    source: "label of the stock solution",
  },
  base: {
    name: "volume of the base",
    symbol: "V_b",
    value: "20.00",
    uncertainty: "0.03",
    unit: "mL",
    source: "pipette",
  },
};

/** Barium hydroxide with sulfuric acid, followed by conductance: two lines that cross where all is precipitated. */
export function bariumHydroxide(): Investigation {
  return makeSample({
    title: "Barium hydroxide and sulfuric acid",
    authors: "Noor, Emil",
    quantities: {
      volume: {
        name: "volume of acid",
        symbol: "V",
        unit: "mL",
        uncertainty: fixed("0.05"),
        instrument: "burette",
        resolution: "0.05",
      },
      conductance: {
        name: "conductance",
        symbol: "G",
        unit: "mS",
        uncertainty: fixed("0.02"),
        resolution: "0.001",
      },
    },
    series: { before: "falling", after: "rising" },
    rows: madeRows(),
    constants,
    figures: {
      main: {
        ...plainFigure("a0", "volume", "conductance"),
        caption:
          "Conductance against the volume of acid that was added, with a line for the falling and one for the rising readings; the bars of V are too small to be seen.",
        line: {
          ...structuredClone(plainLine),
          reach: { best: "paper", steepest: "data", shallowest: "data" },
        },
      },
    },
    results: {
      crossing: {
        name: "volume at the crossing",
        symbol: "V_e",
        unit: "mL",
        from: { kind: "crossing", series: "before", second: "after" },
      },
      concentration: {
        name: "concentration of barium hydroxide",
        symbol: "c_b",
        unit: "mol/L",
        by: "formula",
        formula: "c_a*V_e/V_b",
        from: { kind: "none" },
        accepted: { value: "0.0310", uncertainty: "0.0003", source: "weighed in by the teacher" },
      },
    },
    writeUp,
  });
}
