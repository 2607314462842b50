import { bigEntry } from "./en/bigEntry";
import { worded } from "./language/worded";

const texts = worded("bigEntry", bigEntry);
/** Words of big entry and of the rows as cards. */
export const bigEntryWords = texts.bigEntryWords;

export const cardWords = texts.cardWords;
