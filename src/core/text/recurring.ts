/** The words of a list as they first come, where one at least comes again and there are no more than so many; else undefined. */
export function recurring(texts: readonly string[], most: number): readonly string[] | undefined {
  const words = texts.map((text) => text.trim()).filter((word) => word !== "");
  const distinct = [...new Set(words)];
  return distinct.length < words.length && distinct.length <= most ? distinct : undefined;
}
