import type { Translation } from "../language/texts";
import type { history as english } from "../en/history";

export const history = {
  historyWords: {
    open: "Verlauf",
    title: "Was getan wurde",
    ofReading: "Dieser Messwert, seit er zum ersten Mal eingetippt wurde",
    none: "Noch wurde nichts getan.",
    loading: "Wird gesucht…",
    away: "Der Server antwortet gerade nicht. Gleich noch einmal versuchen.",
    gone: "jemand, dessen Konto es nicht mehr gibt",
    look: "Ansehen",
    lookAt: "Das Blatt ansehen nach: {what}",
    more: "Früheres zeigen",
    asItWas: "Das Blatt, wie es war",
    after: "nach:",
    atFirst: "bevor etwas getan wurde",
    nothing: "Was hier geschieht, ändert nichts.",
    folded:
      "Von hier an rückwärts ist das Blatt selbst so aufgehoben, wie es am Ende jedes Tages war. Wer was getan hat und jedes Eintippen eines Messwerts bleibt vollständig.",
    earlier: "Früher",
    later: "Später",
    back: "Hierher zurückgehen",
    now: "Zum jetzigen Blatt",
    done: "So war es. Alles, was seither getan wurde, steht weiter im Verlauf.",
  },
  emptied: "geleert",
} satisfies Translation<typeof english>;
