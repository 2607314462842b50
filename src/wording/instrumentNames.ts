import { instrumentNames as english } from "./en/instrumentNames";
import { worded } from "./language/worded";

/** What instruments of a school are called. */
export const instrumentNames = worded("instrumentNames", english);
