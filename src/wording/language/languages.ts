/** The languages that the tool speaks, as BCP 47 names them. */
export const languages = ["en", "de"] as const;

export type Language = (typeof languages)[number];

/** A language, or the pseudo-locale: every English message bracketed and lengthened, to see what is in no catalogue. */
export type Spoken = Language | "pseudo";

export const isLanguage = (text: unknown): text is Language =>
  languages.some((language) => language === text);

/** The language of a code, English where it is none of ours. */
export const languageOf = (text: unknown): Language => (isLanguage(text) ? text : "en");

/** How each is named in itself. */
export const ownNames: Readonly<Record<Language, string>> = { en: "English", de: "Deutsch" };

const locales: Readonly<Record<Spoken, string>> = { en: "en-GB", de: "de-DE", pseudo: "en-GB" };

/** The locale by which `Intl` writes dates, lists and counts. */
export const localeOf = (language: Spoken): string => locales[language];

/** The first of a browser's languages that the tool speaks: "de-AT,de;q=0.9,en;q=0.8" is German. */
export function preferred(accepted: string): Language {
  const wanted = accepted
    .split(",")
    .map((part) => {
      const [name = "", weight] = part.trim().split(/;\s*q=/);
      return { name: name.slice(0, 2).toLowerCase(), weight: weight ? Number(weight) : 1 };
    })
    .filter(({ weight }) => weight > 0)
    .toSorted((a, b) => b.weight - a.weight);
  return languageOf(wanted.find(({ name }) => isLanguage(name))?.name);
}
