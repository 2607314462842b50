/** A whole part: its first letter says how many digits follow, a = 1 … z = 26, and Z = 1 … A = 26 below zero. */
const whole = /^(?:[a-z]|[A-Z])/;
const digits = /^[0-9A-Za-z]+$/;
const lowest = `A${"0".repeat(26)}`;

/** Longer keys come of no work by hand; a record whose keys grow so long is keyed anew. */
export const longestOrderKey = 200;

/** Whether a text is a key that further ones can be made before and behind (as the package fractional-indexing makes them). */
export function isOrderKey(value: unknown): value is string {
  if (typeof value !== "string" || value.length > longestOrderKey) return false;
  if (!whole.test(value) || !digits.test(value) || value === lowest) return false;
  const head = value.charCodeAt(0);
  const length = head >= 97 ? head - 97 + 2 : 90 - head + 2;
  return value.length >= length && !(value.length > length && value.endsWith("0"));
}
