import { later } from "./en/later";
import { worded } from "./language/worded";

const texts = worded("later", later);
/** What is said of a part of the application that could not be fetched. */
export const laterWords = texts.laterWords;
