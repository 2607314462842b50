import { copies } from "./en/copies";
import { worded } from "./language/worded";

const texts = worded("copies", copies);

/** What is said of reading copies. */
export const copyWords = texts.copyWords;
