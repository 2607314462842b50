import type { Translation } from "../language/texts";
import type { later as english } from "../en/later";

export const later = {
  laterWords: {
    coming: "Diese Stufe kommt gleich …",
    away: "Dieser Teil von Fathom Rule ist noch nicht auf diesem Gerät, und der Server antwortet nicht. Das Eingetippte ist sicher.",
    notPasted:
      "Nichts wurde eingefügt: Was es lesen soll, ist noch nicht auf diesem Gerät, und der Server antwortet nicht. Gleich noch einmal einfügen.",
    again: "Noch einmal",
  },
} satisfies Translation<typeof english>;
