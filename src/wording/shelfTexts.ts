import { shelfTexts as english } from "./en/shelfTexts";
import { worded } from "./language/worded";

export const shelfTexts = worded("shelfTexts", english);
