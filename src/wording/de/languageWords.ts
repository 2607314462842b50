import type { Translation } from "../language/texts";
import type { languageWords as english } from "../en/languageWords";

export const languageWords = {
  label: "Sprache",
  away: "{language} ist noch nicht auf diesem Gerät, und der Server antwortet nicht.",
} satisfies Translation<typeof english>;
