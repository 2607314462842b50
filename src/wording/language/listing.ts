import { localeOf } from "./languages";
import { spoken } from "./spoken";

/** "Ada, Ben and Cleo", as the language that is spoken lists. */
export const inList = (names: readonly string[]): string =>
  new Intl.ListFormat(localeOf(spoken())).format(names);
