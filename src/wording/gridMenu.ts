import { gridMenu } from "./en/gridMenu";
import { worded } from "./language/worded";

const texts = worded("gridMenu", gridMenu);
/** Words of the menu of a cell and of a heading. */
export const gridMenuWords = texts.gridMenuWords;
