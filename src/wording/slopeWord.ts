import { slopeWord as english } from "./en/slopeWord";
import { worded } from "./language/worded";

const texts = worded("slopeWord", english);

/** The word for how steep a line is, or for its intercept. */
export const slopeWordText = (word: keyof typeof texts): string => texts[word];
