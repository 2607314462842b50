import { tour as english } from "./en/tour";
import { worded } from "./language/worded";

/** What is said around the first tour. */
export const tourText = worded("tour", english);

/** What the first tour says at each stage; all of it is read in a minute. */
export const tourWords = tourText.steps;
