import { filingTexts as english } from "./en/filingTexts";
import { worded } from "./language/worded";

export const filingTexts = worded("filingTexts", english);
