import { classes } from "./en/classes";
import { worded } from "./language/worded";

const texts = worded("classes", classes);
/** What is said of classes, their people and the code by which students join. */
export const classWords = texts.classWords;
