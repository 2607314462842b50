import { keyNames as english } from "./en/keyNames";
import { worded } from "./language/worded";

const texts = worded("keyNames", english).names;

/** Keys as they stand on the keyboards of the language that is spoken: "Ctrl+Shift+Z" is "Strg+Umschalt+Z" in German. */
export const shownKeys = (keys: string): string =>
  keys
    .split(/(?<=.)\+(?=.)/)
    .map((key) => (key in texts ? texts[key as keyof typeof texts] : key))
    .join("+");
