/** Choices by their names, each with the words that it may have. */
export type ChoiceValues = Readonly<Record<string, readonly string[]>>;

/** What is chosen: one of the words of each choice. */
export type Chosen<Values extends ChoiceValues> = {
  -readonly [Choice in keyof Values]: Values[Choice][number];
};
