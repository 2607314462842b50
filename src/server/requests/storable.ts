/** A text without NUL and half characters, which PostgreSQL can't hold; whatever is no text becomes an empty one. */
export function storableText(value: unknown, most: number): string {
  if (typeof value !== "string") return "";
  return value.replaceAll("\0", "").toWellFormed().slice(0, most);
}

/** The same for every text of a parsed JSON. */
export function storable(text: string): unknown {
  return JSON.parse(text, (_, value: unknown) =>
    typeof value === "string" ? storableText(value, Infinity) : value,
  ) as unknown;
}
