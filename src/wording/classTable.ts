import { classTable as english } from "./en/classTable";
import { worded } from "./language/worded";

/** The words of the tables of a class that are taken out. */
export const classTable = worded("classTable", english);
