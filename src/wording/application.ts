import { application } from "./en/application";
import { worded } from "./language/worded";

const texts = worded("application", application);
/** What the application is called, and what it is for. */
export const applicationWords = texts.applicationWords;
