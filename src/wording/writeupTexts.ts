import { writeupTexts as english } from "./en/writeupTexts";
import { worded } from "./language/worded";

export const writeupTexts = worded("writeupTexts", english);
