/** A coordinate as it stands in a path: hundredths of a point, no exponent, no −0. */
export function coordinate(value: number): string {
  const rounded = Math.round(value * 100) / 100;
  return String(rounded === 0 ? 0 : rounded);
}

/** A straight stroke from one place to another. */
export function stroke(x1: number, y1: number, x2: number, y2: number): string {
  return `M${coordinate(x1)} ${coordinate(y1)}L${coordinate(x2)} ${coordinate(y2)}`;
}
