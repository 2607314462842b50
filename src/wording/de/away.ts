import type { Translation } from "../language/texts";
import type { away as english } from "../en/away";

export const away = {
  awayWords: {
    noCopy:
      "Auf diesem Gerät liegt keine Kopie der Auswertung. Sie öffnet sich, sobald der Ort antwortet, an dem sie liegt.",
    title: "Das Regal ist gerade nicht erreichbar",
    text: "Der Ort, an dem die Auswertungen liegen, antwortet nicht. Was auf diesem Gerät eingetippt wurde, ist sicher; gleich noch einmal versuchen.",
    again: "Noch einmal",
  },
} satisfies Translation<typeof english>;
