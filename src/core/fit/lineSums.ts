/** The sums that slope and intercept of an unweighted line are worked out from by hand. */
export interface LineSums {
  readonly n: number;
  readonly x: number;
  readonly y: number;
  readonly xx: number;
  readonly yy: number;
  readonly xy: number;
}

/** n, Σx, Σy, Σx², Σy², Σxy as they stand in textbooks; the fit itself centres first (`ordinaryLine`). */
export function lineSums(x: ArrayLike<number>, y: ArrayLike<number>): LineSums {
  const sums = { n: x.length, x: 0, y: 0, xx: 0, yy: 0, xy: 0 };
  for (let i = 0; i < x.length; i++) {
    const [a, b] = [x[i] as number, y[i] as number];
    sums.x += a;
    sums.y += b;
    sums.xx += a * a;
    sums.yy += b * b;
    sums.xy += a * b;
  }
  return sums;
}
