/** A text with a capital first letter, as a sentence begins. */
export const withCapital = (text: string): string =>
  `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
