import { remembered } from "@/remembered/remembered";
import { catalogueOf } from "./catalogues";
import type { Spoken } from "./languages";
import { openMark, spoken } from "./spoken";
import type { Catalogue } from "./texts";

/** As `remembered`, of what is said: it is said anew in another language, once more of it is here, and with another decimal mark. */
export function rememberedWords<Args extends unknown[], Answer>(
  say: (...args: Args) => Answer,
): (...args: Args) => Answer {
  const said = remembered(
    (_language: Spoken, _words: Catalogue | undefined, _mark: unknown, ...args: Args) =>
      say(...args),
  );
  return (...args) => said(spoken(), catalogueOf(spoken()), openMark(), ...args);
}
