import { sideBySide } from "./en/sideBySide";
import { worded } from "./language/worded";

const texts = worded("sideBySide", sideBySide);
/** Words of two lines or curves put beside each other. */
export const sideBySideWords = texts.sideBySideWords;
