import { shelf } from "./en/shelf";
import { worded } from "./language/worded";

const texts = worded("shelf", shelf);
/** What stands on the shelf and in its menus. */
export const shelfWords = texts.shelfWords;
