/** Words with letters that a TeX source says it writes as numbers. */
export function saidBy(source: string, words: readonly string[]): readonly string[] {
  const further = [
    ...source.matchAll(/\\further\{[^}]*\}\{[^}]*\}\{([^}]*)\}|\\unshown\{(\w+)\}/g),
  ];
  const letters = new Set(
    further.flatMap(([, text = "", code]) => [
      ...text,
      ...(code ? [String.fromCodePoint(parseInt(code, 16))] : []),
    ]),
  );
  return words.filter((word) => [...word].some((letter) => letters.has(letter)));
}
