import { figureMenu } from "./en/figureMenu";
import { worded } from "./language/worded";

const texts = worded("figureMenu", figureMenu);
/** Words of the menus on a figure and on a block of the write-up. */
export const figureMenuWords = texts.figureMenuWords;

/** The menu of a pair on the Straighten board. */
export const pairMenuWords = texts.pairMenuWords;

export const blockMenuWords = texts.blockMenuWords;

/** What is heard of a figure. */
export const heardWords = texts.heardWords;
