/** Part of the readings' own size below which a number of a line is rounding of the arithmetic. */
const rounding = 1e-13;

/** The largest size among numbers. */
export function largest(values: ArrayLike<number>): number {
  let found = 0;
  for (let i = 0; i < values.length; i++) found = Math.max(found, Math.abs(values[i] as number));
  return found;
}

/** A number, or 0 where beside numbers of this size it is rounding alone. */
export function quiet(value: number, size: number): number {
  return Math.abs(value) <= rounding * size ? 0 : value;
}
