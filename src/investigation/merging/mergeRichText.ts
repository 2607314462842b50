import type { RichInline, RichParagraph, RichText, TextMark } from "../model/richText";
import { mergeTokens } from "./mergeTokens";

type Token =
  | { readonly begins: RichParagraph["kind"] }
  | { readonly word: string; readonly marks: readonly TextMark[] }
  | { readonly inline: RichInline };

const space = JSON.stringify({ word: " ", marks: [] } satisfies Token);

/** Words that came to stand beside one another are parted, unless a space or a paragraph parts them already. */
function gap(last: string, next: string): readonly string[] {
  const [before, after] = [JSON.parse(last) as Token, JSON.parse(next) as Token];
  const parted =
    "begins" in after ||
    "begins" in before ||
    ("word" in before && before.word.trim() === "") ||
    ("word" in after && after.word.trim() === "");
  return parted ? [] : [space];
}

function tokensOfInline(inline: RichInline): Token[] {
  if (inline.kind !== "text") return [{ inline }];
  const { text, marks = [] } = inline;
  return text.split(/(\s+)/u).filter(Boolean).map((word) => ({ word, marks }));
} // prettier-ignore

/** A text word by word; two equal words are one token. */
function tokensOf(text: RichText): string[] {
  return text
    .flatMap(({ kind, inlines }): Token[] => [{ begins: kind }, ...inlines.flatMap(tokensOfInline)])
    .map((token) => JSON.stringify(token));
}

const sameMarks = (a: readonly TextMark[] = [], b: readonly TextMark[] = []) =>
  a.length === b.length && a.every((mark, i) => mark === b[i]);

function addWord(inlines: RichInline[], { word, marks }: Extract<Token, { word: string }>): void {
  const last = inlines.at(-1);
  if (last?.kind === "text" && sameMarks(last.marks, marks)) {
    inlines[inlines.length - 1] = { ...last, text: last.text + word };
  } else inlines.push({ kind: "text", text: word, ...(marks.length > 0 && { marks }) });
}

function textOf(tokens: readonly string[]): RichText {
  const paragraphs: { kind: RichParagraph["kind"]; inlines: RichInline[] }[] = [];
  for (const one of tokens) {
    const token = JSON.parse(one) as Token;
    if ("begins" in token) {
      paragraphs.push({ kind: token.begins, inlines: [] });
      continue;
    }
    if (paragraphs.length === 0) paragraphs.push({ kind: "paragraph", inlines: [] });
    const { inlines } = paragraphs[paragraphs.length - 1] as (typeof paragraphs)[number];
    if ("inline" in token) inlines.push(token.inline);
    else addWord(inlines, token);
  }
  return paragraphs;
}

/** A text as two wrote it at the same time: both kept, word by word; at one place first what came first. */
export function mergeRichText(base: RichText, first: RichText, second: RichText): RichText {
  return textOf(mergeTokens(tokensOf(base), tokensOf(first), tokensOf(second), gap));
}
