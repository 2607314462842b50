import type { Finding } from "../finding/finding";
import type { LineFit } from "./lineFit";
import { heightVariance } from "./lineIntervals";

/** A value with its standard uncertainty, in its own unit; undefined where none exists. */
export interface ReadOff {
  readonly value: number;
  readonly uncertainty: number | undefined;
}

/** How sure the line itself is at x. */
function varianceOfLine(line: LineFit, x: number): number | undefined {
  const found = heightVariance(line);
  return found && found.atCentre + found.ofSlope * (x - found.centre) ** 2;
}

function root(variance: number | undefined): number | undefined {
  return variance === undefined ? undefined : Math.sqrt(variance);
}

/** y of the line at an x that is itself only known to ± `ofX`. */
export function yAtX(line: LineFit, x: number, ofX = 0): ReadOff {
  const variance = varianceOfLine(line, x);
  return {
    value: line.slope * x + line.intercept,
    uncertainty: root(variance === undefined ? undefined : variance + (line.slope * ofX) ** 2),
  };
}

/** x at which the line reaches y, to first order, with a given standard uncertainty of y. */
export function xAtY(line: LineFit, y: number, ofY = 0): ReadOff | undefined {
  if (line.slope === 0) return undefined;
  const x = (y - line.intercept) / line.slope;
  const variance = varianceOfLine(line, x);
  const uncertainty =
    variance === undefined ? undefined : Math.sqrt(ofY * ofY + variance) / Math.abs(line.slope);
  return { value: x, uncertainty };
}

/**
 * x from the mean of so many readings of an unknown that scatter as the line's own points do:
 * (s/|m|) √(1/k + 1/n + (y₀ − ȳ)²/(m² Sxx)). Source: Miller & Miller, Statistics and Chemometrics, § 5.6.
 */
export function xAtReadings(line: LineFit, mean: number, readings: number): ReadOff | undefined {
  const s = line.residualStandardDeviation;
  return s === undefined ? undefined : xAtY(line, mean, s / Math.sqrt(readings));
}

/** Where two lines cross, with the standard uncertainties of both coordinates from both covariances. */
export type Crossing =
  | { readonly kind: "crossing"; readonly x: ReadOff; readonly y: ReadOff }
  | { readonly kind: "none"; readonly finding: Finding };

/**
 * The crossing of two lines fitted independently: x* = (c₂ − c₁)/(m₁ − m₂), its ± to first order with the full
 * covariance of slope and intercept of each line.
 */
export function crossingOf(a: LineFit, b: LineFit): Crossing {
  const difference = a.slope - b.slope;
  if (Math.abs(difference) <= 1e-12 * Math.max(Math.abs(a.slope), Math.abs(b.slope))) {
    return { kind: "none", finding: { name: "parallel-lines" } };
  }
  const x = (b.intercept - a.intercept) / difference;
  const [ofA, ofB] = [varianceOfLine(a, x), varianceOfLine(b, x)];
  const known = ofA !== undefined && ofB !== undefined;
  const ofX = known ? Math.sqrt(ofA + ofB) / Math.abs(difference) : undefined;
  const ofY = known
    ? Math.sqrt(b.slope ** 2 * ofA + a.slope ** 2 * ofB) / Math.abs(difference)
    : undefined;
  return {
    kind: "crossing",
    x: { value: x, uncertainty: ofX },
    y: { value: a.slope * x + a.intercept, uncertainty: ofY },
  };
}
