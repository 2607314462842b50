import type { Finding } from "@/core/finding/finding";
import { writeNumber } from "@/core/number/writtenNumber";

function decimals(count: number): string {
  if (count < 0) return `the place of 10 to the ${-count}`;
  return count === 1 ? "1 decimal" : `${count} decimals`;
}

function plain(value: number): string {
  const { mantissa, exponent } = writeNumber(Number(value.toPrecision(6)), 6);
  const short = mantissa.includes(".") ? mantissa.replace(/\.?0+$/, "") : mantissa;
  return exponent === undefined ? short : `${short}×10^${exponent}`;
}

type Sentences = {
  readonly [Name in Finding["name"]]: (finding: Extract<Finding, { name: Name }>) => string;
};

const sentences: Sentences = {
  "not-a-number": (finding) =>
    `“${finding.text}” is not a number. The row stays out of the figure until it is one.`,
  "number-too-large": () => "This number is too large to calculate with.",
  "number-too-small": () => "This number is too small to calculate with. Choose a smaller unit.",
  "fraction-is-no-reading": (finding) =>
    `“${finding.text}” is a fraction. Write the reading as a decimal number.`,
  "comma-where-point-is-used": (finding) =>
    `“${finding.text}” has a comma. Write ${finding.meant} with a point.`,
  "uncertainty-below-zero": () => "An uncertainty is a size and can't be below zero.",
  "missing-unit": () => "The readings have no unit. Give one; a pure number has the unit 1.",
  "few-readings": (finding) =>
    `There are only ${finding.count} readings. Take at least ${finding.wanted} before you trust a line.`,
  "narrow-range": (finding) =>
    `The largest reading is only ${finding.ratio.toFixed(1)} times the smallest. A wider range makes the line surer.`,
  "unlike-decimals": (finding) =>
    finding.decimals < finding.usual
      ? `Typed to ${decimals(finding.decimals)}, the others to ${decimals(finding.usual)}. If it was read as finely, add the zeros.`
      : `Typed to ${decimals(finding.decimals)}, the others to ${decimals(finding.usual)}. Write only what the instrument shows.`,
  "zero-uncertainty": () => "No reading is sure to ± 0. Give at least half the smallest division.",
  "uncertainty-figures": (finding) =>
    `The ± has ${finding.figures} figures. One says how sure it is, ${finding.most} at the most.`,
  "finer-than-resolution": (finding) =>
    `The ± is finer than a smallest step of ${finding.resolution} leaves open. Give at least half a step.`,
  "uncertainty-decimals": (finding) =>
    `The ± is given to ${decimals(finding.decimals)}, the readings to ${decimals(finding.readings)}. Give both to the same place.`,
  "disagrees-with-instrument": (finding) =>
    `Typed to ${decimals(finding.decimals)}, but an instrument with steps of ${finding.resolution} is read to ${decimals(finding.wanted)}. Write what it shows, zeros too.`,
  "far-repeat": (finding) =>
    `Stands apart from the other ${finding.count - 1} repeats: the gap is ${Math.round(finding.ratio * 100)} % of their whole range (Dixon’s test, 95 %). Look again; if it was disturbed, set it aside and say why.`,
  "off-trend": (finding) =>
    `About ten times too ${finding.larger ? "large" : "small"} beside its neighbours. Check the decimal point.`,
  "out-of-order": () =>
    "All other rows are in order but this one. Check the number, or move the row.",
  "uneven-gaps": (finding) =>
    `Nothing was read between ${plain(finding.from)} and ${plain(finding.to)}, though the other gaps are smaller. A reading there would fill the stretch.`,
  "duplicate-row": (finding) =>
    `The same as row ${finding.of} in every reading. If it was measured anew, put it among the repeats; if it was copied twice, remove it.`,
  "no-symbol": () => "A symbol is needed, so that figures and formulas can name it.",
  "symbol-taken": (finding) =>
    `Something else is already called ${finding.symbol}. Choose another symbol, or add a subscript: ${finding.symbol}_2.`,
  "symbol-is-a-function": (finding) =>
    `Formulas keep ${finding.symbol} for themselves. Choose another symbol, or add a subscript: ${finding.symbol}_1.`,
  "unknown-unit": (finding) =>
    `“${finding.symbol}” is not a unit that is known here. It is kept as typed; check its spelling.`,
  "not-a-unit": (finding) =>
    `“${finding.text}” can't be read as a unit. Write it like m s^-2 or mol/L.`,
  "too-few-points": (finding) =>
    finding.count === 0
      ? "There are no points yet. A line needs two rows with both readings."
      : "There is only one point. A line needs at least two.",
  "all-x-equal": () =>
    "All points stand at the same place along the horizontal axis, so no slope exists. Vary that quantity.",
  "lengths-differ": () => "The two quantities have different numbers of readings.",
  "not-finite": () => "One of the readings is too large to calculate with.",
  "two-points-no-standard-error": () =>
    "Two points always lie on a line, so nothing tells how sure it is. Take a third reading.",
};

/** The sentence a person reads for a finding: what is wrong and what to do. */
export function findingSentence(finding: Finding): string {
  return (sentences[finding.name] as (finding: Finding) => string)(finding);
}
