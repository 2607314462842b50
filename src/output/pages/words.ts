import { textWidth } from "@/figure/layout/textWidth";
import { type Token, tokenWidth } from "./tokens";

/** Tokens that no line is broken between, with the space behind them. */
export interface Word {
  readonly tokens: readonly Token[];
  readonly width: number;
  readonly space: number;
}

/** Between letters of Chinese and Japanese a line may end, but not before a closing sign or after an opening one. */
const unbroken =
  /[「『（《〈【“]*[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}][、。，．：；！？」』）》〉】”…ー々]*|[^\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}「『（《〈【“]+|[「『（《〈【“]+/gu;

/** Words with the spaces between them; a no-break space breaks nothing. */
export function wordsOf(tokens: readonly Token[]): Word[] {
  const words: Word[] = [];
  let now: Token[] = [];
  const end = (space: number) => {
    const width = now.reduce((sum, token) => sum + tokenWidth(token), 0);
    if (now.length > 0 || space > 0) words.push({ tokens: now, width, space });
    now = [];
  };
  for (const token of tokens) {
    if (token.kind === "math") {
      now.push(token);
      continue;
    }
    token.text.split(/[ \n\t]/).forEach((part, index) => {
      if (index > 0) end(textWidth(" ", token.face, token.size));
      (part.match(unbroken) ?? []).forEach((text, place) => {
        if (place > 0) end(0);
        now.push({ ...token, text });
      });
    });
  }
  end(0);
  return words;
}

/** A word that is longer than a line, letter by letter. */
export function broken(word: Word, room: number): Word[] {
  if (word.width <= room) return [word];
  return word.tokens.flatMap((token): Word[] => {
    if (token.kind === "math") return [{ tokens: [token], width: token.box.width, space: 0 }];
    return (token.text.match(/\P{M}\p{M}*|\p{M}+/gu) ?? []).map((text) => {
      const letter = { ...token, text };
      return { tokens: [letter], width: tokenWidth(letter), space: 0 };
    });
  });
}
