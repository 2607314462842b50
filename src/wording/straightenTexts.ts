import { straightenTexts as english } from "./en/straightenTexts";
import { worded } from "./language/worded";

export const straightenTexts = worded("straightenTexts", english);
