/** A coordinate as it stands in an SVG: hundredths of a point, no exponent, no −0. */
export function coordinate(value: number): string {
  const rounded = Math.round(value * 100) / 100;
  return String(rounded === 0 ? 0 : rounded);
}
