import { reportTexts as english } from "./en/reportTexts";
import { worded } from "./language/worded";

/** What reports and the tables that are taken out say of themselves, in the language of their house rules. */
export const reportTexts = worded("reportTexts", english);
