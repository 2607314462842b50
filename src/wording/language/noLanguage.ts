import type { Catalogue } from "./texts";
import type { Spoken } from "./languages";

/** A browser has English in its scripts; another language comes with the page that speaks it. */
export const everyLanguage: readonly (readonly [Spoken, () => Catalogue])[] = [];
