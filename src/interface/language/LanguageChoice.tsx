"use client";

import { useEffect, useRef } from "react";
import { fetchLanguage } from "@/wording/language/fetched";
import { isLanguage, languages, ownNames } from "@/wording/language/languages";
import { languageWords } from "@/wording/languageWords";
import { useSpeaking } from "./Speaking";

/** Who opens the list may choose any of them: their words are on their way while it is read. */
const ahead = () => languages.forEach((one) => fetchLanguage(one).catch(() => undefined));

/** Whether a language was chosen just now: where the choice is drawn anew with all else, it keeps the keyboard. */
let chosenNow = false;

/** In which language everything is said, each language named in itself. */
export function LanguageChoice() {
  const { language, choose } = useSpeaking();
  const field = useRef<HTMLSelectElement>(null);
  useEffect(() => {
    if (chosenNow) field.current?.focus({ preventScroll: true });
    chosenNow = false;
  }, [language]);
  return (
    <select
      ref={field}
      aria-label={languageWords.label}
      title={languageWords.label}
      value={language}
      onPointerDown={ahead}
      onChange={({ target }) => {
        const { value } = target;
        if (!isLanguage(value)) return;
        chosenNow = true;
        target.setCustomValidity("");
        choose(value).catch(() => {
          chosenNow = false;
          target.setCustomValidity(languageWords.away({ language: ownNames[value] }));
          target.reportValidity();
        });
      }}
      className="text-soft hover:border-hairline h-8 rounded-md border border-transparent bg-transparent px-1"
    >
      {language === "pseudo" && <option value="pseudo">⟪ ⟫</option>}
      {languages.map((one) => (
        <option key={one} value={one} lang={one}>
          {ownNames[one]}
        </option>
      ))}
    </select>
  );
}
