import bidiFactory from "bidi-js";

const bidi = bidiFactory();
const fromRight = /[\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufefc]/;
const isWord = /[\p{L}\p{M}\p{N}\u200c\u200d]/u;

/** Whether some of a text is written from right to left. */
export function goesLeft(text: string): boolean {
  return fromRight.test(text);
}

/** Whether a paragraph begins at the right: by its first letter of a known direction (UAX #9, P2 and P3). */
export function beginsAtRight(text: string): boolean {
  return goesLeft(text) && bidi.getEmbeddingLevels(text, "auto").paragraphs[0]?.level === 1;
}

/** Part of a line that stands as it is, from an item of it. */
export interface StandingPart {
  readonly item: number;
  readonly text: string;
}

interface LevelledPart extends StandingPart {
  readonly level: number;
  readonly isWord: boolean;
}

function partsOf(texts: readonly string[], rightToLeft: boolean): LevelledPart[] {
  const whole = texts.join("");
  const { levels } = bidi.getEmbeddingLevels(whole, rightToLeft ? "rtl" : "ltr");
  const parts: LevelledPart[] = [];
  let place = 0;
  texts.forEach((text, item) => {
    for (const letter of text) {
      const level = levels[place] ?? 0;
      place += letter.length;
      const last = parts.at(-1);
      const goesOn = last?.item === item && last.level === level;
      const word = isWord.test(letter);
      if (last && goesOn && (level % 2 === 0 || (word && last.isWord))) {
        parts[parts.length - 1] = { ...last, text: last.text + letter };
      } else {
        const mirrored = level % 2 === 1 ? bidi.getMirroredCharacter(letter) : null;
        parts.push({ item, text: mirrored ?? letter, level, isWord: word });
      }
    }
  });
  return parts;
}

/**
 * The texts of a line in parts from left to right (UAX #9, L2 and L4): words of a script that goes left stand behind those
 * that are read after them, brackets are turned round.
 */
export function fromLeftToRight(
  texts: readonly string[],
  rightToLeft = false,
): readonly StandingPart[] {
  let parts = partsOf(texts, rightToLeft);
  const highest = Math.max(0, ...parts.map(({ level }) => level));
  for (let level = highest; level >= 1; level--) {
    const turned: LevelledPart[] = [];
    let run: LevelledPart[] = [];
    for (const part of parts) {
      if (part.level >= level) run.unshift(part);
      else {
        turned.push(...run, part);
        run = [];
      }
    }
    parts = [...turned, ...run];
  }
  return parts.map(({ item, text }) => ({ item, text }));
}

/** A text in the order in which it is read, in parts that go left or right; brackets that go left are turned round. */
export function asRead(
  text: string,
  rightToLeft = false,
): readonly { text: string; left: boolean }[] {
  const { levels } = bidi.getEmbeddingLevels(text, rightToLeft ? "rtl" : "ltr");
  const parts: { text: string; left: boolean }[] = [];
  let place = 0;
  for (const letter of text) {
    const left = (levels[place] ?? 0) % 2 === 1;
    place += letter.length;
    const last = parts.at(-1);
    const shown = (left && bidi.getMirroredCharacter(letter)) || letter;
    if (last?.left === left) last.text += shown;
    else parts.push({ text: shown, left });
  }
  return parts;
}
