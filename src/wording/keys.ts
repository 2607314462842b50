import { keys as english } from "./en/keys";
import { worded } from "./language/worded";

/** Every key of the application by where it acts, and what leads to them. */
export const keyWords = worded("keys", english);
