import { shellTexts as english } from "./en/shellTexts";
import { worded } from "./language/worded";

export const shellTexts = worded("shellTexts", english);
