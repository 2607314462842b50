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

const writeUp: readonly SampleBlock[] = [
  ...opening("To find the resistivity of constantan from two wires of different thickness.", [
    "Each wire was stretched along a metre rule. A current of about 0.4 A was sent through a measured length of it, and the voltage across this length was read.",
    "The resistance of a wire is {=R = rho*l/A} with {=A = π*d^2/4}, so resistance against length is a straight line through the origin.",
  ]),
  { kind: "readings", of: "main" },
  { kind: "example", of: "resistance" },
  { kind: "processed", of: "main" },
  { kind: "figure", of: "main" },
  { kind: "line", of: "main" },
  { kind: "result", of: "thin" },
  { kind: "result", of: "thick" },
  { kind: "result", of: "both" },
  { kind: "comparison", of: "both" },
  {
    kind: "text",
    section: "discussion",
    text: [
      "The lines in {figure:main} differ in slope, but both wires give the same resistivity within its ±: {result:thin} and {result:thick}. Together they give {result:both}.",
      "The diameters enter squared and bring most of the uncertainty.",
    ],
  },
];

const results: Parameters<typeof makeSample>[0]["results"] = {
  thin: {
    name: "resistivity from the thin wire",
    symbol: "rho_1",
    unit: "μΩ m",
    by: "formula",
    formula: "slope*π*d_1²/4",
    from: { series: "thin" },
  },
  thick: {
    name: "resistivity from the thick wire",
    symbol: "rho_2",
    unit: "μΩ m",
    by: "formula",
    formula: "slope*π*d_2²/4",
    from: { series: "thick" },
  },
  both: {
    name: "resistivity of constantan",
    symbol: "rho",
    unit: "μΩ m",
    by: "formula",
    formula: "(rho_1 + rho_2)/2",
    from: { kind: "none" },
    accepted: { value: "0.49", uncertainty: "0.01", source: "table of alloys" },
  },
};

const constants = {
  thin: {
    name: "diameter of the thin wire",
    symbol: "d_1",
    value: "0.400",
    uncertainty: "0.005",
    unit: "mm",
    source: "micrometer, five places",
  },
  thick: {
    name: "diameter of the thick wire",
    symbol: "d_2",
    value: "0.560",
    uncertainty: "0.005",
    unit: "mm",
    source: "micrometer, five places",
  },
};

/** Resistance against length for two constantan wires of different thickness: two series, two lines, one resistivity. */
export function constantanWires(): Investigation {
  return makeSample({
    title: "Two constantan wires",
    authors: "Liv, Anton",
    quantities: {
      length: {
        name: "length",
        symbol: "l",
        unit: "m",
        uncertainty: fixed("0.002"),
        instrument: "metre rule",
        resolution: "0.001",
      },
      current: {
        name: "current",
        symbol: "I",
        unit: "A",
        instrument: "digital multimeter",
        uncertainty: { kind: "percent-and-digits", percent: "0.5", digits: "2" },
        resolution: "0.001",
      },
      voltage: {
        name: "voltage",
        symbol: "U",
        unit: "V",
        instrument: "digital multimeter",
        uncertainty: { kind: "percent-and-digits", percent: "0.5", digits: "2" },
        resolution: "0.001",
      },
      resistance: { name: "resistance", symbol: "R", formula: "U/I", unit: "Ω" },
    },
    series: { thin: "thin wire", thick: "thick wire" },
    rows: madeRows(),
    constants,
    figures: {
      main: {
        ...plainFigure("a0", "length", "resistance"),
        caption:
          "Resistance of the two wires against the length measured, with the lines of each; the bars of l are too small to be seen.",
      },
    },
    results,
    examples: { resistance: 2 },
    writeUp,
  });
}
