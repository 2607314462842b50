import type { Translation } from "../language/texts";
import type { windowTitles as english } from "../en/windowTitles";

export const windowTitles = {
  titles: {
    shelf: "Regal",
    here: "Auf diesem Gerät",
    account: "Eigenes Konto",
    "sign-in": "Anmelden",
    register: "Konto anlegen",
    join: "Einer Klasse beitreten",
    invited: "Einladung",
    "first-password": "Ein eigenes Passwort",
    class: "Klasse",
    overview: "Die ganze Klasse",
    copies: "Leseexemplare",
    read: "Zum Lesen",
  },
} satisfies Translation<typeof english>;
