import { concludeTexts as english } from "./en/concludeTexts";
import { worded } from "./language/worded";

export const concludeTexts = worded("concludeTexts", english);
