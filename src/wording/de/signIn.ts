import type { Translation } from "../language/texts";
import type { signIn as english } from "../en/signIn";

export const signIn = {
  signInWords: {
    name: "Name",
    password: "Passwort",
    signIn: "Anmelden",
    product: "Fathom Rule",
    promise: "Messwerte hinein, ein Diagramm mit Steigung und Unsicherheit heraus.",
    demo: "Konten dieser Vorführung",
    demoName: "Name",
    demoPassword: "Passwort",
    incomplete: "Bitte Name und Passwort eintippen.",
    refused: "Dieser Name und dieses Passwort gehören nicht zusammen. Noch einmal versuchen.",
    away: "Der Ort, an dem die Auswertungen liegen, ist nicht erreichbar. Gleich noch einmal versuchen.",
    crowded: "Gerade melden sich viele an. In {seconds} Sekunden noch einmal versuchen.",
    tooMany:
      "Zu viele Versuche von hier. {minutes, plural, one {Eine Minute} other {# Minuten}} warten, dann noch einmal.",
  },
} satisfies Translation<typeof english>;
