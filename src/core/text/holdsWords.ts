/** Digits with a mark among them: a number, whichever mark is the decimal one. */
const likeNumber = /^\s*[-−+]?[\d.,'’\s]+(?:[eE×x][\d^\s*+−-]*)?\s*$/;

/**
 * Whether texts are words about rows: none is empty of letters and like a number, and one at least begins with a letter.
 * Empty texts say nothing.
 */
export function holdsWords(texts: readonly string[]): boolean {
  const said = texts.map((text) => text.trim()).filter((text) => text !== "");
  return said.some((text) => /^\p{L}/u.test(text)) && !said.some((text) => likeNumber.test(text));
}
