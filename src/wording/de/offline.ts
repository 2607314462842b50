import type { Translation } from "../language/texts";
import type { offline as english } from "../en/offline";

export const offline = {
  offlineWords: {
    title: "Auf diesem Gerät",
    text: "Der Server antwortet nicht. An den Auswertungen hier lässt sich weiterarbeiten, und sie lassen sich als Dateien ausgeben; alles bleibt hier und geht zum Server, sobald er antwortet.",
    nobody: "Auf diesem Gerät ist niemand angemeldet. Anmelden, sobald der Server antwortet.",
    none: "Auf diesem Gerät wurde noch keine eigene Auswertung geöffnet. Sie sind wieder da, sobald der Server antwortet.",
    waiting:
      "{count, plural, one {1 Änderung wartet auf den Server} other {{count} Änderungen warten auf den Server}}",
    look: "Nach dem Server sehen",
    still: "Der Server antwortet noch immer nicht.",
    kept: "auf diesem Gerät",
    keptLong: "Sie öffnet sich auf diesem Gerät auch, wenn der Server fehlt.",
    newer:
      "Eine neuere Version von Fathom Rule ist bereit. Nichts Eigenes wartet noch auf das Sichern.",
    take: "Damit weiter",
  },
} satisfies Translation<typeof english>;
