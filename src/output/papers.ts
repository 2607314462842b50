/** Paper sizes in points. */
export const papers = { a4: [595.28, 841.89], letter: [612, 792] } as const;
export type Paper = keyof typeof papers;
