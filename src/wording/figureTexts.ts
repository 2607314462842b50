import { figureTexts as english } from "./en/figureTexts";
import { worded } from "./language/worded";

/** What figures say of themselves, in the language of their house rules: proposed titles and captions, names of series. */
export const figureTexts = worded("figureTexts", english);
