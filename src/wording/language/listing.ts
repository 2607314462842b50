import { remembered } from "@/remembered/remembered";
import { localeOf } from "./languages";
import { spoken } from "./spoken";

const listsOf = remembered((locale: string) => new Intl.ListFormat(locale));

/** How the language that is spoken lists; making one anew takes long. */
export const lists = (): Intl.ListFormat => listsOf(localeOf(spoken()));

/** "Ada, Ben and Cleo", as the language that is spoken lists. */
export const inList = (names: readonly string[]): string => lists().format(names);
