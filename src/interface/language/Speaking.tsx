"use client";

import { useRouter } from "next/navigation";
import { createContext, Fragment, type ReactNode, use, useContext, useMemo, useState } from "react";
import { languageCookie } from "@/protocol/languageCookie";
import { fetchLanguage, isInHand } from "@/wording/language/fetched";
import type { Language, Spoken } from "@/wording/language/languages";
import { speak } from "@/wording/language/spoken";

interface Speaking {
  readonly language: Spoken;
  /** Speaks another language from now on, in this browser. */
  readonly choose: (language: Language) => Promise<void>;
}

const SpeakingContext = createContext<Speaking>({ language: "en", choose: async () => {} });

export const useSpeaking = (): Speaking => useContext(SpeakingContext);

const aYear = 365 * 24 * 3600;

const remember = (language: Language) => {
  const secure = window.location.protocol === "https:" ? "; secure" : "";
  document.cookie = `${languageCookie}=${language}; path=/; max-age=${aYear}; samesite=lax${secure}`;
};

/** What is in it is shown once the words of its language are in hand. The server is told the language by each request. */
function InLanguage({ language, children }: { language: Spoken; children: ReactNode }) {
  if (typeof window !== "undefined") {
    if (!isInHand(language)) use(fetchLanguage(language));
    speak(language);
  }
  return children;
}

/** All that is shown is said in one language, which can be changed at any time. */
export function Speaking({ language: first, children }: { language: Spoken; children: ReactNode }) {
  const router = useRouter();
  const [language, setLanguage] = useState(first);
  const speaking = useMemo(
    () => ({
      language,
      choose: async (next: Language) => {
        await fetchLanguage(next);
        remember(next);
        document.documentElement.lang = next;
        setLanguage(next);
        router.refresh();
      },
    }),
    [language, router],
  );
  return (
    <SpeakingContext value={speaking}>
      <InLanguage language={language}>{children}</InLanguage>
    </SpeakingContext>
  );
}

/** What stands in it is shown anew when the language changes. */
export function SaidAnew({ children }: { children: ReactNode }) {
  const { language } = useSpeaking();
  return <Fragment key={language}>{children}</Fragment>;
}
