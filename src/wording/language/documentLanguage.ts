import type { Language } from "./languages";
import { speaking, spoken } from "./spoken";

/** The house rules of something that is written in a language of its own, whatever the window speaks. */
interface Written {
  readonly language: Language;
}

/**
 * Says something as figures and reports under house rules say it; the work is done when this returns. Where everything is
 * said in the pseudo-locale, so are they.
 */
export const inItsLanguage = <Answer>({ language }: Written, say: () => Answer): Answer =>
  speaking(spoken() === "pseudo" ? "pseudo" : language, say);
