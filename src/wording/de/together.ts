import type { Translation } from "../language/texts";
import type { together as english } from "../en/together";

export const together = {
  togetherWords: { here: "Auch hier", hasInHand: "{name} ist hier" },
} satisfies Translation<typeof english>;
