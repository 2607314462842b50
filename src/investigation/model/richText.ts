/** How a stretch of text is set. */
export const textMarks = ["bold", "italic", "sub", "super"] as const;
export type TextMark = (typeof textMarks)[number];

/** Part of a line of a text block: words, a live value, a cross-reference, or a typed formula. */
export type RichInline =
  | { readonly kind: "text"; readonly text: string; readonly marks?: readonly TextMark[] }
  /** A number of the investigation by what it is of: "result:ID", "slope:FIGURE", "constant:ID". */
  | { readonly kind: "value"; readonly of: string }
  /** "figure:ID" or "table:BLOCK". */
  | { readonly kind: "reference"; readonly to: string }
  | { readonly kind: "formula"; readonly text: string };

/** A paragraph, or an item of a list. */
export interface RichParagraph {
  readonly kind: "paragraph" | "bullet" | "number";
  readonly inlines: readonly RichInline[];
}

/** The words of a text block. */
export type RichText = readonly RichParagraph[];

/** A text of plain paragraphs. */
export function plainRichText(...paragraphs: readonly string[]): RichText {
  return paragraphs.map((text) => ({ kind: "paragraph", inlines: [{ kind: "text", text }] }));
}

/** Whether nothing is written in it. */
export function isBlank(text: RichText): boolean {
  return text.every(({ inlines }) =>
    inlines.every((inline) => inline.kind === "text" && inline.text.trim() === ""),
  );
}
