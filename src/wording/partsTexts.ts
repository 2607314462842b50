import { partsTexts as english } from "./en/partsTexts";
import { worded } from "./language/worded";

export const partsTexts = worded("partsTexts", english);
