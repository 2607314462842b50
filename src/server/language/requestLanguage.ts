import { AsyncLocalStorage } from "node:async_hooks";
import { isLanguage, preferred, type Spoken } from "@/wording/language/languages";
import { languageCookie } from "@/protocol/languageCookie";
import { tellSpoken } from "@/wording/language/spoken";

const storage = new AsyncLocalStorage<Spoken>();

const chosen = new RegExp(`(?:^|;\\s*)${languageCookie}=([a-z]+)`);

/** The language of a request: the one that was chosen in its browser, else the first of the browser's that is spoken here. */
export function languageOfRequest(headers: {
  readonly cookie?: string | undefined;
  readonly "accept-language"?: string | undefined;
}): Spoken {
  const named = chosen.exec(headers.cookie ?? "")?.[1];
  if (isLanguage(named) || named === "pseudo") return named;
  return preferred(headers["accept-language"] ?? "");
}

/** From now on words are said in the language of the request that is being answered. */
export const speakByRequest = (): void => tellSpoken(() => storage.getStore());

/** Answers a request in a language; all that is asked for meanwhile is said in it. */
export const answerIn = <Answer>(language: Spoken, answer: () => Answer): Answer =>
  storage.run(language, answer);
