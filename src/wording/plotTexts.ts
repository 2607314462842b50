import { plotTexts as english } from "./en/plotTexts";
import { worded } from "./language/worded";

export const plotTexts = worded("plotTexts", english);
