import { deriveTexts as english } from "./en/deriveTexts";
import { worded } from "./language/worded";

export const deriveTexts = worded("deriveTexts", english);
