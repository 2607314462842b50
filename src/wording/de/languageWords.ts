import type { Translation } from "../language/texts";
import type { languageWords as english } from "../en/languageWords";

export const languageWords = {
  label: "Sprache",
} satisfies Translation<typeof english>;
