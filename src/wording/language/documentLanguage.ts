import type { Language, Spoken } from "./languages";
import { speaking, spoken } from "./spoken";

/** The house rules of something that is written in a language of its own, whatever the window speaks. */
interface Written {
  readonly language: Language;
}

/** The language of figures and reports under house rules; where everything is said in the pseudo-locale, so are they. */
export const languageUnder = ({ language }: Written): Spoken =>
  spoken() === "pseudo" ? "pseudo" : language;

/** Says something as figures and reports under house rules say it; the work is done when this returns. */
export const inItsLanguage = <Answer>(rules: Written, say: () => Answer): Answer =>
  speaking(languageUnder(rules), say);
