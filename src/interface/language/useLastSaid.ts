import { useCallback, useState } from "react";
import { useLanguage } from "./Speaking";

/** What was said last, and how to say the next; it is said no longer once another language is spoken. */
export function useLastSaid<Said = string>(): readonly [
  said: Said | undefined,
  say: (said: Said | undefined) => void,
] {
  const language = useLanguage();
  const [last, setLast] = useState<{ said: Said | undefined; language: string }>();
  const say = useCallback((said: Said | undefined) => setLast({ said, language }), [language]);
  return [last?.language === language ? last.said : undefined, say];
}
