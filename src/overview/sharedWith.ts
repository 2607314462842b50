type Plain = Readonly<Record<string, unknown>>;

const isPlain = (value: unknown): value is Plain =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/**
 * A value as it is now, with every part that says the same as before being the very object that it was: what was worked out
 * of such a part holds on. @param before plain data, as JSON gives it; @param now the same.
 */
export function sharedWith<Value>(before: unknown, now: Value): Value {
  if (Object.is(before, now)) return now;
  if (Array.isArray(now) && Array.isArray(before)) {
    const parts = now.map((one, i) => sharedWith<unknown>(before[i], one));
    const same = parts.length === before.length && parts.every((one, i) => one === before[i]);
    return (same ? before : parts) as Value;
  }
  if (!isPlain(now) || !isPlain(before)) return now;
  const entries = Object.entries(now).map(([key, one]) => [key, sharedWith(before[key], one)] as const);
  const keys = Object.keys(before);
  const same =
    keys.length === entries.length &&
    entries.every(([key, one], i) => key === keys[i] && one === before[key]);
  return (same ? before : Object.fromEntries(entries)) as Value;
} // prettier-ignore
