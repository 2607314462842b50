import { languageWords as english } from "./en/languageWords";
import { worded } from "./language/worded";

/** What is said where the language is chosen. */
export const languageWords = worded("languageWords", english);
