const plain = /^[\t\n\x20-\x7e]*$/;
const lineEnds = /\r\n?|[\v\f\x85\u2028\u2029]/g;

/**
 * What shows nothing and breaks files: control characters, marks of byte order and of direction, spaces and joiners of no
 * width, soft hyphens, half characters, characters that Unicode gives to nobody. Those that join or part letters of one
 * word (U+200C, U+200D) stay.
 */
const unwanted =
  /[\0-\x08\x0e-\x1f\x7f-\x9f\xad\u061c\u180e\u200b\u200e\u200f\u202a-\u202e\u2060-\u206f\ufdd0-\ufdef\ufeff\ufff9-\ufffb\ufffe\uffff]|\p{Cs}|[\u{e0000}-\u{e007f}]/gu;

/** A text as it is kept and written: only what shows, letters composed (NFC), line ends as one sign. */
export function cleanText(text: string): string {
  if (plain.test(text)) return text;
  return text.replace(lineEnds, "\n").replace(unwanted, "").normalize("NFC");
}

/** Every text within plain records and lists made clean; the same thing where all are. */
export function cleanTexts<Value>(value: Value): Value {
  if (typeof value === "string") return cleanText(value) as Value;
  if (Array.isArray(value)) {
    const unclean = value.findIndex((item: unknown) => cleanTexts(item) !== item);
    return unclean < 0 ? value : (value.map((item: unknown) => cleanTexts(item)) as Value);
  }
  if (typeof value !== "object" || value === null) return value;
  if (Object.getPrototypeOf(value) !== Object.prototype) return value;
  let changed: Record<string, unknown> | undefined;
  for (const [key, item] of Object.entries(value)) {
    const next: unknown = cleanTexts(item);
    if (next === item) continue;
    changed ??= { ...value } as Record<string, unknown>;
    changed[key] = next;
  }
  return (changed ?? value) as Value;
}
