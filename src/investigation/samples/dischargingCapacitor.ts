import { instrumentNames } from "@/wording/instrumentNames";
import { sampleWords } from "@/wording/samples";
import { plainCurve } from "../model/curve";
import { plainFigure, plainLine } from "../model/figure";
import type { Investigation } from "../model/investigation";
import {
  compared,
  discussed,
  fixed,
  makeSample,
  opening,
  plotted,
  readings,
  type SampleBlock,
  type SampleRow,
} from "./makeSample";

const words = sampleWords.dischargingCapacitor;

/** What the readings are made from: capacitance in F, resistance in Ω, voltage at the start in V. */
export const dischargingCapacitorTruth = { C: 462e-6, R: 99_600, start: 8.94 } as const;

const step = 5;
const leadIn = 3;
const last = 90;

function madeRows(): SampleRow[] {
  const { C, R, start } = dischargingCapacitorTruth;
  const read = readings(20_261_104);
  const times = Array.from({ length: leadIn + last / step + 1 }, (_, i) => (i - leadIn) * step);
  return times.map((time): SampleRow => {
    const U = time < 0 ? start : start * Math.exp(-time / (R * C));
    return {
      readings: { time: time.toFixed(1), voltage: read(U, 0.008, 2) },
      ...(time < 0 && { aside: words.leadIn }),
    };
  });
}

const writeUp = (): readonly SampleBlock[] => [
  ...opening(words, "logarithm"),
  ...plotted,
  { kind: "figure", of: "curve" },
  ...compared("capacitance"),
  { kind: "result", of: "fitted" },
  discussed(words),
];

/** A capacitor that discharges through a resistor, recorded every five seconds: ln U against t, and an exponential. */
export function dischargingCapacitor(): Investigation {
  const curve = plainCurve("a0", "own", "");
  return makeSample({
    title: words.title,
    authors: "Samira, Ole",
    quantities: {
      time: { name: words.time, symbol: "t", unit: "s", uncertainty: fixed("0.1") },
      voltage: { name: words.voltage, symbol: "U", unit: "V", uncertainty: fixed("0.02") },
      logarithm: { name: words.logarithm, symbol: "ln U", formula: "ln(U)" },
    },
    rows: madeRows(),
    constants: {
      resistor: {
        name: words.resistor,
        symbol: "R",
        value: "99.6",
        uncertainty: "0.5",
        unit: "kΩ",
        source: instrumentNames.multimeter,
      },
    },
    figures: {
      main: {
        ...plainFigure("a0", "time", "logarithm"),
        caption: words.caption,
      },
      curve: {
        ...plainFigure("a1", "time", "voltage"),
        caption: words.curveCaption,
        line: { ...structuredClone(plainLine), best: false, steepest: false, shallowest: false },
        curves: { fall: { ...curve, formula: "U = U_0*exp(-t/τ)" } },
      },
    },
    theory: "U = U_0*exp(-t/(R C))",
    results: {
      capacitance: {
        name: words.fromLine,
        symbol: "C",
        unit: "μF",
        by: "theory",
        accepted: { value: "470", uncertainty: "47", source: words.printed },
      },
      fitted: {
        name: words.fromCurve,
        symbol: "C_2",
        unit: "μF",
        by: "formula",
        formula: "τ/R",
        from: { kind: "parameter", of: "curve", curve: "fall", parameter: "τ" },
      },
    },
    examples: { logarithm: 6 },
    writeUp: writeUp(),
  });
}
