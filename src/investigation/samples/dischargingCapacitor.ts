import { plainCurve } from "../model/curve";
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
      ...(time < 0 && { aside: "lead-in, before the switch was opened" }),
    };
  });
}

const writeUp: readonly SampleBlock[] = [
  ...opening("To find the capacitance of a capacitor from the way in which it discharges.", [
    "The capacitor was charged to about 9 V and discharged through a resistor of {constant:resistor}. The voltage was recorded every five seconds; the readings before the switch was opened are set aside.",
    "The voltage falls as {=U = U_0*exp(-t/(R*C))}, so its logarithm against time is a straight line.",
  ]),
  { kind: "readings", of: "main" },
  { kind: "example", of: "logarithm" },
  { kind: "processed", of: "main" },
  { kind: "figure", of: "main" },
  { kind: "line", of: "main" },
  { kind: "figure", of: "curve" },
  { kind: "result", of: "capacitance" },
  { kind: "comparison", of: "capacitance" },
  { kind: "result", of: "fitted" },
  {
    kind: "text",
    section: "discussion",
    text: [
      "The line in {figure:main} gives {result:capacitance}, the exponential in {figure:curve} gives {result:fitted}. Both agree within their ±.",
      "Late readings are small, so their logarithms scatter more than those at the start.",
    ],
  },
];

/** A capacitor that discharges through a resistor, recorded every five seconds: ln U against t, and an exponential. */
export function dischargingCapacitor(): Investigation {
  const curve = plainCurve("a0", "own", "");
  return makeSample({
    title: "A discharging capacitor",
    authors: "Samira, Ole",
    quantities: {
      time: { name: "time", symbol: "t", unit: "s", uncertainty: fixed("0.1") },
      voltage: { name: "voltage", symbol: "U", unit: "V", uncertainty: fixed("0.02") },
      logarithm: { name: "logarithm of the voltage", symbol: "ln U", formula: "ln(U)" },
    },
    rows: madeRows(),
    constants: {
      resistor: {
        name: "resistance",
        symbol: "R",
        value: "99.6",
        uncertainty: "0.5",
        unit: "kΩ",
        source: "digital multimeter",
      },
    },
    figures: {
      main: {
        ...plainFigure("a0", "time", "logarithm"),
        caption:
          "Logarithm of the voltage of the discharging capacitor against time; readings before the switch was opened are hollow, bars of t too small to be seen.",
      },
      curve: {
        ...plainFigure("a1", "time", "voltage"),
        caption:
          "Voltage of the discharging capacitor against time with the fitted exponential; the bars of t are too small to be seen.",
        line: { ...structuredClone(plainLine), best: false, steepest: false, shallowest: false },
        curves: { fall: { ...curve, formula: "U = U_0*exp(-t/τ)" } },
      },
    },
    theory: "U = U_0*exp(-t/(R C))",
    results: {
      capacitance: {
        name: "capacitance from the line",
        symbol: "C",
        unit: "μF",
        by: "theory",
        accepted: { value: "470", uncertainty: "47", source: "printed on the case" },
      },
      fitted: {
        name: "capacitance from the curve",
        symbol: "C_2",
        unit: "μF",
        by: "formula",
        formula: "τ/R",
        from: { kind: "parameter", of: "curve", curve: "fall", parameter: "τ" },
      },
    },
    examples: { logarithm: 6 },
    writeUp,
  });
}
