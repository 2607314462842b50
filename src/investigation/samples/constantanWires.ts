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

const words = sampleWords.constantanWires;

/** What the readings are made from: resistivity in Ω m, diameters in m. */
export const constantanWiresTruth = { resistivity: 4.9e-7, thin: 0.0004, thick: 0.00056 } as const;

const lengths = [0.2, 0.4, 0.6, 0.8, 1.0, 1.2];
const current = 0.4;

function madeRows(): SampleRow[] {
  const { resistivity, thin, thick } = constantanWiresTruth;
  const read = readings(20_261_103);
  return (["thin", "thick"] as const).flatMap((series) => {
    const diameter = series === "thin" ? thin : thick;
    return lengths.map((length): SampleRow => {
      const R = (resistivity * length) / ((Math.PI * diameter ** 2) / 4);
      const I = Number(read(current, 0.004, 3));
      return {
        series,
        readings: {
          length: length.toFixed(3),
          current: I.toFixed(3),
          voltage: read(R * I, 0.004, 3),
        },
      };
    });
  });
}

const writeUp = (): readonly SampleBlock[] => [
  ...opening(words, "resistance"),
  ...plotted,
  { kind: "result", of: "thin" },
  { kind: "result", of: "thick" },
  ...concluded("both", words),
];

const results = (): Parameters<typeof makeSample>[0]["results"] => ({
  thin: {
    name: words.ofThin,
    symbol: "rho_1",
    unit: "μΩ m",
    by: "formula",
    formula: "slope*π*d_1²/4",
    from: { series: "thin" },
  },
  thick: {
    name: words.ofThick,
    symbol: "rho_2",
    unit: "μΩ m",
    by: "formula",
    formula: "slope*π*d_2²/4",
    from: { series: "thick" },
  },
  both: {
    name: words.ofBoth,
    symbol: "rho",
    unit: "μΩ m",
    by: "formula",
    formula: "(rho_1 + rho_2)/2",
    from: { kind: "none" },
    accepted: { value: "0.49", uncertainty: "0.01", source: words.alloys },
  },
});

const constants = () => ({
  thin: {
    name: words.thinDiameter,
    symbol: "d_1",
    value: "0.400",
    uncertainty: "0.005",
    unit: "mm",
    source: instrumentNames.fivePlaces,
  },
  thick: {
    name: words.thickDiameter,
    symbol: "d_2",
    value: "0.560",
    uncertainty: "0.005",
    unit: "mm",
    source: instrumentNames.fivePlaces,
  },
});

/** Resistance against length for two constantan wires of different thickness: two series, two lines, one resistivity. */
export function constantanWires(): Investigation {
  return makeSample({
    title: words.title,
    authors: "Liv, Anton",
    quantities: {
      length: {
        name: words.length,
        symbol: "l",
        unit: "m",
        uncertainty: fixed("0.002"),
        instrument: instrumentNames.rule,
        resolution: "0.001",
      },
      current: {
        name: words.current,
        symbol: "I",
        unit: "A",
        instrument: instrumentNames.multimeter,
        uncertainty: { kind: "percent-and-digits", percent: "0.5", digits: "2" },
        resolution: "0.001",
      },
      voltage: {
        name: words.voltage,
        symbol: "U",
        unit: "V",
        instrument: instrumentNames.multimeter,
        uncertainty: { kind: "percent-and-digits", percent: "0.5", digits: "2" },
        resolution: "0.001",
      },
      resistance: { name: words.resistance, symbol: "R", formula: "U/I", unit: "Ω" },
    },
    series: { thin: words.thin, thick: words.thick },
    rows: madeRows(),
    constants: constants(),
    figures: {
      main: {
        ...plainFigure("a0", "length", "resistance"),
        caption: words.caption,
      },
    },
    results: results(),
    examples: { resistance: 2 },
    writeUp: writeUp(),
  });
}
