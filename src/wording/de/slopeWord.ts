import type { Translation } from "../language/texts";
import type { slopeWord as english } from "../en/slopeWord";

export const slopeWord = {
  slope: "Steigung",
  gradient: "Anstieg",
  intercept: "Achsenabschnitt",
} satisfies Translation<typeof english>;
