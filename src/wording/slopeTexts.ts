import { slopeTexts as english } from "./en/slopeTexts";
import { worded } from "./language/worded";

export const slopeTexts = worded("slopeTexts", english);
