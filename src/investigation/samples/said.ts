import type { RichInline, RichText } from "../model/richText";

const token = /\[([^\]]+)\]/g;

function inlineOf(inside: string): RichInline {
  if (inside.startsWith("=")) return { kind: "formula", text: inside.slice(1) };
  return /^(figure|table):/.test(inside)
    ? { kind: "reference", to: inside }
    : { kind: "value", of: inside };
}

/**
 * A paragraph with what stands in square brackets put in live: [result:E] a number, [figure:main] a cross-reference, [=F = m a]
 * a formula. A paragraph that begins with "- " is an item of a list.
 */
export function said(paragraph: string): RichText {
  const bullet = paragraph.startsWith("- ");
  const text = bullet ? paragraph.slice(2) : paragraph;
  const inlines: RichInline[] = [];
  let end = 0;
  for (const match of text.matchAll(token)) {
    if (match.index > end) inlines.push({ kind: "text", text: text.slice(end, match.index) });
    inlines.push(inlineOf(match[1] as string));
    end = match.index + match[0].length;
  }
  if (end < text.length) inlines.push({ kind: "text", text: text.slice(end) });
  return [{ kind: bullet ? "bullet" : "paragraph", inlines }];
}
