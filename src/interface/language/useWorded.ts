import { useMemo } from "react";
import { useLanguage } from "./Speaking";

/** What `word` makes of two values, the same as long as they and the language are the same. */
export function useWorded<One, Other, Worded>(
  word: (one: One, other: Other) => Worded,
  one: One,
  other: Other,
): Worded {
  const language = useLanguage();
  // eslint-disable-next-line react-hooks/exhaustive-deps -- words are read in the language that is spoken
  return useMemo(() => word(one, other), [word, one, other, language]);
}
