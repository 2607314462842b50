import { limits } from "./limits";
import { type RichText, type TextMark, textMarks } from "./richText";

type Loose = Record<string, unknown>;

const kinds: ReadonlySet<unknown> = new Set(["paragraph", "bullet", "number"]);
const target = /^[a-z]+:[\w-]{1,40}$/;

const isLoose = (value: unknown): value is Loose =>
  typeof value === "object" && value !== null && !Array.isArray(value);
const isWords = (value: unknown, most: number) => typeof value === "string" && value.length <= most;
const isTarget = (value: unknown) => typeof value === "string" && target.test(value);
const hasOnly = (value: Loose, ...names: readonly string[]) =>
  Object.keys(value).every((name) => names.includes(name));

function isInline(value: unknown): boolean {
  if (!isLoose(value)) return false;
  switch (value.kind) {
    case "text":
      return (
        hasOnly(value, "kind", "text", "marks") &&
        isWords(value.text, limits.lettersOfText) &&
        (value.marks === undefined ||
          (Array.isArray(value.marks) &&
            value.marks.every((mark) => textMarks.includes(mark as TextMark))))
      );
    case "value":
      return hasOnly(value, "kind", "of") && isTarget(value.of);
    case "reference":
      return hasOnly(value, "kind", "to") && isTarget(value.to);
    case "formula":
      return hasOnly(value, "kind", "text") && isWords(value.text, limits.lettersOfFormula);
    default:
      return false;
  }
}

/** Whether a value is the words of a text block, of a size that a page can show. */
export function isRichText(value: unknown): value is RichText {
  return (
    Array.isArray(value) &&
    value.length <= limits.paragraphs &&
    value.every(
      (one: unknown) =>
        isLoose(one) &&
        hasOnly(one, "kind", "inlines") &&
        kinds.has(one.kind) &&
        Array.isArray(one.inlines) &&
        one.inlines.length <= limits.inlines &&
        one.inlines.every(isInline),
    )
  );
}
