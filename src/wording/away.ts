import { away } from "./en/away";
import { worded } from "./language/worded";

const texts = worded("away", away);
/** What a page says that could not be had from the server. */
export const awayWords = texts.awayWords;
