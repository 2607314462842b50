import type { Finding } from "@/core/finding/finding";

function decimals(count: number): string {
  if (count < 0) return `the place of 10 to the ${-count}`;
  return count === 1 ? "1 decimal" : `${count} decimals`;
}

/** The sentence a person reads for a finding: what is wrong and what to do. */
export function findingSentence(finding: Finding): string {
  switch (finding.name) {
    case "not-a-number":
      return `“${finding.text}” is not a number. The row stays out of the figure until it is one.`;
    case "number-too-large":
      return "This number is too large to calculate with.";
    case "number-too-small":
      return "This number is too small to calculate with. Choose a smaller unit.";
    case "fraction-is-no-reading":
      return `“${finding.text}” is a fraction. Write the reading as a decimal number.`;
    case "comma-where-point-is-used":
      return `“${finding.text}” has a comma. Write ${finding.meant} with a point.`;
    case "uncertainty-below-zero":
      return "An uncertainty is a size and can't be below zero.";
    case "missing-unit":
      return "The readings have no unit. Give one; a pure number has the unit 1.";
    case "few-readings":
      return `There are only ${finding.count} readings. Take at least ${finding.wanted} before you trust a line.`;
    case "narrow-range":
      return `The largest reading is only ${finding.ratio.toFixed(1)} times the smallest. A wider range makes the line surer.`;
    case "unlike-decimals":
      return finding.decimals < finding.usual
        ? `Typed to ${decimals(finding.decimals)}, the others to ${decimals(finding.usual)}. If it was read as finely, add the zeros.`
        : `Typed to ${decimals(finding.decimals)}, the others to ${decimals(finding.usual)}. Write only what the instrument shows.`;
    case "zero-uncertainty":
      return "No reading is sure to ± 0. Give at least half the smallest division.";
    case "unknown-unit":
      return `“${finding.symbol}” is not a unit that is known here. It is kept as typed; check its spelling.`;
    case "not-a-unit":
      return `“${finding.text}” can't be read as a unit. Write it like m s^-2 or mol/L.`;
    case "too-few-points":
      return finding.count === 0
        ? "There are no points yet. A line needs two rows with both readings."
        : "There is only one point. A line needs at least two.";
    case "all-x-equal":
      return "All points stand at the same place along the horizontal axis, so no slope exists. Vary that quantity.";
    case "lengths-differ":
      return "The two quantities have different numbers of readings.";
    case "not-finite":
      return "One of the readings is too large to calculate with.";
    case "two-points-no-standard-error":
      return "Two points always lie on a line, so nothing tells how sure it is. Take a third reading.";
  }
}
