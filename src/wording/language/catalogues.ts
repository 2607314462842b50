import { everyLanguage } from "#every-language";
import type { Spoken } from "./languages";
import type { Catalogue } from "./texts";

const known = new Map(everyLanguage);
const inHand = new Map<Spoken, Catalogue>();

/** What is in hand of a language besides English, which each room carries itself. */
export function catalogueOf(language: Spoken): Catalogue | undefined {
  if (language === "en") return undefined;
  const found = inHand.get(language) ?? known.get(language)?.();
  if (found) inHand.set(language, found);
  return found;
}

/** Whether a language is here from the start, as on the server. */
export const comesWhole = (language: Spoken): boolean => known.has(language);

/** Puts rooms of a language to those that are in hand. */
export function addCatalogue(language: Spoken, rooms: Catalogue): void {
  inHand.set(language, { ...catalogueOf(language), ...rooms });
}
