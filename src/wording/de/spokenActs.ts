import type { Translation } from "../language/texts";
import type { spokenActs as english } from "../en/spokenActs";

export const spokenActs = {
  said: { done: "{what}.", undone: "Zurückgenommen: {what}.", again: "Wiederholt: {what}." },
} satisfies Translation<typeof english>;
