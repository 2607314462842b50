import { addCatalogue, catalogueOf } from "./catalogues";
import type { Spoken } from "./languages";
import type { Catalogue } from "./texts";

/** What is fetched of a language besides English, which stands in the scripts themselves. */
const rest: Readonly<Partial<Record<Spoken, () => Promise<Catalogue>>>> = {
  de: () => import("../de/catalogue").then(({ catalogue }) => catalogue),
  pseudo: () => import("./pseudo").then(({ pseudoCatalogue }) => pseudoCatalogue()),
};

const coming = new Map<Spoken, Promise<void>>();

/** Whether all words of a language are in hand. */
export const isInHand = (language: Spoken): boolean =>
  language === "en" || catalogueOf(language) !== undefined;

/** Fetches the words of a language once; a fetch that fails is tried again when it is next asked for. */
export function fetchLanguage(language: Spoken): Promise<void> {
  const known = coming.get(language);
  if (known) return known;
  const fetched = (rest[language]?.() ?? Promise.resolve({})).then((rooms) =>
    addCatalogue(language, rooms),
  );
  coming.set(language, fetched);
  fetched.catch(() => coming.delete(language));
  return fetched;
}

const tried = new Map<Spoken, Promise<void>>();

/** The same, but settled also where the words can't be had: what is said then is said in English. */
export function fetchedOrEnglish(language: Spoken): Promise<void> {
  const known = tried.get(language) ?? fetchLanguage(language).catch(() => undefined);
  tried.set(language, known);
  return known;
}
