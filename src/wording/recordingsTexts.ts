import { recordingsTexts as english } from "./en/recordingsTexts";
import { worded } from "./language/worded";

export const recordingsTexts = worded("recordingsTexts", english);
