import type { shapingFontkit } from "../../src/output/pdf/shapingFontkit";

type Font = ReturnType<typeof shapingFontkit.create>;

/** A letter that joins on both sides. */
const beh = "\u0628";
const lam = "\u0644";
const alefs = ["\u0622", "\u0623", "\u0625", "\u0627"];

const isLetter = (code: number) =>
  code < 0xfb50 && /^[\p{L}\u0640]$/u.test(String.fromCodePoint(code));

/**
 * Widths of Arabic letters in thousandths of the size, by how they are joined: [alone], [alone, at the end], or [alone, at
 * the end, at the beginning, between]; and of lam with an alef, which are set as one: [alone, at the end].
 */
export function arabicForms(font: Font, codes: readonly number[]): Record<string, number[]> {
  const outlines = (text: string) =>
    font.layout(text).glyphs.filter(({ advanceWidth }) => advanceWidth > 0);
  /** Width of a text without so many outlines at its end and its beginning; what is written first stands last. */
  const width = (text: string, { atEnd = 0, atBeginning = 0 } = {}) => {
    const all = outlines(text);
    const inside = all.slice(atEnd, all.length - atBeginning);
    const units = inside.reduce((sum, one) => sum + one.advanceWidth, 0);
    return Math.round((units * 1000) / font.unitsPerEm);
  };
  const alone = outlines(beh)[0]?.id;
  if (alone === undefined) throw new Error("the Arabic font has no letters");
  const forms: Record<string, number[]> = {};
  for (const code of codes) {
    const letter = String.fromCodePoint(code);
    const form = [width(letter)];
    forms[code.toString(16)] = form;
    if (!isLetter(code) || outlines(beh + letter).at(-1)?.id === alone) continue;
    form.push(width(beh + letter, { atBeginning: 1 }));
    if (outlines(letter + beh)[0]?.id === alone) continue;
    form.push(width(letter + beh, { atEnd: 1 }));
    form.push(width(beh + letter + beh, { atEnd: 1, atBeginning: 1 }));
  }
  for (const alef of alefs) {
    const name = `${lam.charCodeAt(0).toString(16)} ${alef.charCodeAt(0).toString(16)}`;
    forms[name] = [width(lam + alef), width(beh + lam + alef, { atBeginning: 1 })];
  }
  return forms;
}
