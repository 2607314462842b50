import { measureTexts as english } from "./en/measureTexts";
import { worded } from "./language/worded";

export const measureTexts = worded("measureTexts", english);
