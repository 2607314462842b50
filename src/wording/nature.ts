import { natureTexts } from "./en/natureTexts";
import { worded } from "./language/worded";

const texts = worded("natureTexts", natureTexts);

/** What a constant of nature is called, by its id. */
export const natureName = (id: string): string => texts[id as keyof typeof texts];

/** Where its value is published. */
export const natureSource = (source: string): string =>
  source === "SI, exact" ? texts.exact : source;
