"use client";

import { usePathname, useRouter } from "next/navigation";
import {
  createContext,
  Fragment,
  type ReactNode,
  use,
  useContext,
  useEffect,
  useInsertionEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import { hush } from "../keys/announcer";
import { freeMoment, savesData } from "../later/freeMoment";
import { languageCookie } from "@/protocol/languageCookie";
import { fetchAllWords, fetchLanguage, isInHand, needParts } from "@/wording/language/fetched";
import { isLanguage, type Language, type Spoken } from "@/wording/language/languages";
import { partsOfPath } from "@/wording/language/parts";
import { speak } from "@/wording/language/spoken";

interface Speaking {
  readonly language: Spoken;
  /** Speaks another language from now on, in this browser. */
  readonly choose: (language: Language) => Promise<void>;
  /** Speaks as the server has just told this browser to, for somebody who signed in. */
  readonly follow: () => Promise<void>;
}

const nothing = () => undefined;
const nowhere = async () => {};

const SpeakingContext = createContext<Speaking>({
  language: "en",
  choose: nowhere,
  follow: nowhere,
});

export const useSpeaking = (): Speaking => useContext(SpeakingContext);

/** The language that is spoken; whoever asks is drawn anew when it changes. */
export const useLanguage = (): Spoken => useSpeaking().language;

const chosen = new RegExp(`(?:^|;\\s*)${languageCookie}=([a-z]+)`);

function chosenIn(cookies: string): Language | undefined {
  const name = chosen.exec(cookies)?.[1];
  return isLanguage(name) ? name : undefined;
}

const aYear = 365 * 24 * 3600;

const remember = (language: Language) => {
  const secure = window.location.protocol === "https:" ? "; secure" : "";
  document.cookie = `${languageCookie}=${language}; path=/; max-age=${aYear}; samesite=lax${secure}`;
};

/** Pages that are open to all: nobody may be signed in there, with whom a language could be kept. */
const openToAll = /^\/(sign-in|register|join|invited|read)\b/;

/** Kept with the person; where the server does not answer, the cookie of this browser holds it. */
async function keep(language: Language): Promise<void> {
  if (openToAll.test(window.location.pathname)) return;
  await fetch("/api/language", {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ language }),
  }).catch(nothing);
}

/** What is in it is shown once the words of its page are in hand. The server is told the language by each request. */
function InLanguage({ language, children }: { language: Spoken; children: ReactNode }) {
  const path = usePathname();
  // With the words at once, before anything is measured: a page is laid out anew for each of the two.
  useInsertionEffect(() => {
    if (language !== "pseudo") document.documentElement.lang = language;
  }, [language]);
  useEffect(() => {
    // What can't be had now is asked for again with what says it.
    if (!savesData()) freeMoment().then(fetchAllWords).catch(nothing);
    return hush;
  }, [language]);
  if (typeof window !== "undefined") {
    needParts(partsOfPath(path));
    if (!isInHand(language)) use(fetchLanguage(language));
    speak(language);
  }
  return children;
}

/** All that is shown is said in one language, which can be changed at any time. */
export function Speaking({ language: first, children }: { language: Spoken; children: ReactNode }) {
  const router = useRouter();
  const [language, setLanguage] = useState(first);
  const wanted = useRef<Language>(undefined);
  const speaking = useMemo(() => {
    /** Whether nothing else was wanted by the time it came. */
    const change = async (next: Language) => {
      wanted.current = next;
      await fetchLanguage(next);
      if (wanted.current !== next) return false;
      setLanguage(next);
      return true;
    };
    return {
      language,
      choose: async (next: Language) => {
        if (!(await change(next))) return;
        remember(next);
        void keep(next);
        // A sheet has no words of the server's, and would be made anew where its stage was changed since it was opened.
        if (!window.location.pathname.startsWith("/investigation")) router.refresh();
      },
      follow: async () => {
        const told = chosenIn(document.cookie);
        if (told && told !== language) await change(told);
      },
    };
  }, [language, router]);
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
