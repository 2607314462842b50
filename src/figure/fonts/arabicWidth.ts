import arabic from "./widths/arabic.json";

/** Widths by how a letter is joined: [alone], [alone, at the end], or [alone, at the end, at the beginning, between]. */
const forms = new Map<string, readonly number[]>(Object.entries(arabic));
const isMark = (letter: string) => /\p{M}/u.test(letter);
const formsOf = (letter: string) => forms.get(letter.codePointAt(0)?.toString(16) ?? "") ?? [];
const joinsOn = (letter: string | undefined) =>
  letter !== undefined && formsOf(letter).length === 4;
const joinsBack = (letter: string | undefined) =>
  letter !== undefined && formsOf(letter).length > 1;

export function isArabicLetter(code: number): boolean {
  return forms.has(code.toString(16));
}

/** Width of Arabic letters that stand together, in thousandths of the size, joined as the shipped font joins them. */
export function arabicWidth(text: string): number {
  const letters = [...text].filter((letter) => !isMark(letter));
  let total = 0;
  for (let place = 0; place < letters.length; place++) {
    const [before, letter = "", after] = [letters[place - 1], letters[place], letters[place + 1]];
    const joined = joinsOn(before) && joinsBack(letter);
    const pair = forms.get(
      `${letter.codePointAt(0)?.toString(16)} ${after?.codePointAt(0)?.toString(16)}`,
    );
    if (pair) {
      total += pair[joined ? 1 : 0] ?? 0;
      place += 1;
      continue;
    }
    const own = formsOf(letter);
    const goesOn = own.length === 4 && joinsBack(after);
    const form = (joined ? 1 : 0) + (goesOn ? 2 : 0);
    total += own[form] ?? own[0] ?? 0;
  }
  return total;
}
