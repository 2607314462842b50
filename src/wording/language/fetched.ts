import { addCatalogue, comesWhole } from "./catalogues";
import type { Spoken } from "./languages";
import { type Part, parts } from "./parts";
import type { Catalogue } from "./texts";

type Files = Readonly<Record<Part, () => Promise<Catalogue>>>;

const pseudo = () => import("./pseudo").then(({ pseudoCatalogue }) => pseudoCatalogue());

/** What is fetched of a language besides English, which stands in the scripts themselves. */
const files: Readonly<Partial<Record<Spoken, Files>>> = {
  de: {
    door: () => import("../de/parts/door"),
    inside: () => import("../de/parts/inside"),
    shelf: () => import("../de/parts/shelf"),
    sheet: () => import("../de/parts/sheet"),
    rest: () => import("../de/parts/rest"),
  },
  pseudo: { door: pseudo, inside: pseudo, shelf: pseudo, sheet: pseudo, rest: pseudo },
};

/** The languages that this window or worker speaks or writes in. */
const languages = new Set<Spoken>();

/** The parts without which nothing is shown. */
const needed = new Set<Part>(["door"]);

const here = new Set<string>();
const coming = new Map<string, Promise<void>>();

/** Fetches a part of a language once; a fetch that fails is tried again when it is next asked for. */
function fetchPart(language: Spoken, part: Part): Promise<void> {
  const name = `${language} ${part}`;
  const known = coming.get(name);
  if (known) return known;
  const fetched = (files[language]?.[part]() ?? Promise.resolve({})).then((rooms) => {
    addCatalogue(language, rooms);
    here.add(name);
  });
  coming.set(name, fetched);
  fetched.catch(() => coming.delete(name));
  return fetched;
}

const fetchParts = (language: Spoken, of: readonly Part[]) =>
  Promise.all(of.map((part) => fetchPart(language, part)));

/** From now on nothing is shown without these parts. */
export function needParts(of: readonly Part[]): void {
  for (const part of of) needed.add(part);
}

/** Whether all words that are needed of a language are in hand. */
export const isInHand = (language: Spoken): boolean =>
  language === "en" ||
  comesWhole(language) ||
  [...needed].every((part) => here.has(`${language} ${part}`));

const together = new Map<string, Promise<void>>();

/** A language with the parts of it that are needed now. */
const nameOf = (language: Spoken): string => [language, ...needed].sort().join(" ");

/** Fetches what is needed of a language; the same promise for all who ask for the same. */
export function fetchLanguage(language: Spoken): Promise<void> {
  languages.add(language);
  const name = nameOf(language);
  const known = together.get(name);
  if (known) return known;
  const fetched = fetchParts(language, [...needed]).then(() => undefined);
  together.set(name, fetched);
  fetched.catch(() => together.delete(name));
  return fetched;
}

const tried = new Map<string, Promise<void>>();

/** The same, but settled also where the words can't be had: what is said then is said in English. */
export function fetchedOrEnglish(language: Spoken): Promise<void> {
  const name = nameOf(language);
  const known = tried.get(name) ?? fetchLanguage(language).catch(() => undefined);
  tried.set(name, known);
  return known;
}

/** Fetches all words of each language that is spoken or written here: what comes later may say any of them. */
export async function fetchAllWords(): Promise<void> {
  await Promise.all([...languages].map((language) => fetchParts(language, parts)));
  needParts(parts);
}

/** Fetches all words of some languages, where no page says which are needed. */
export async function fetchWhole(these: Iterable<Spoken>): Promise<void> {
  for (const language of these) languages.add(language);
  await fetchAllWords();
}
