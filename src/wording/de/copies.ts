import type { Translation } from "../language/texts";
import type { copies as english } from "../en/copies";

export const copies = {
  copyWords: {
    times: "{count, plural, =0 {nie geöffnet} one {einmal geöffnet} other {#-mal geöffnet}}",
    title: "Leseexemplare von „{title}“",
    text: "Wer den Link hat, sieht die Seiten und Diagramme und kann die Daten ausgeben, ohne Anmeldung. Ändern lässt sich damit nichts.",
    open: "Leseexemplare",
    make: "Link erstellen",
    shows: "Er zeigt",
    live: "die Auswertung, wie sie weitergeht",
    fixed: "die Auswertung, wie sie jetzt ist",
    runsOut: "Er läuft ab",
    days: { 1: "nach einem Tag", 7: "nach sieben Tagen", 30: "nach dreißig Tagen", 0: "nie" },
    made: "Dieser Link wird nur dieses eine Mal gezeigt.",
    link: "Link",
    copy: "Link kopieren",
    copied: "Kopiert.",
    list: "Erstellte Links",
    none: "Noch kein Link erstellt.",
    entryLive: "wie sie weitergeht",
    entryFixed: "wie sie war",
    madeAt: "erstellt",
    until: "bis",
    over: { revoked: "widerrufen", "run-out": "abgelaufen" },
    revoke: "Widerrufen",
    revokeOf: "Link {index} widerrufen",
    back: "Zum Regal",
    reading: {
      copy: "Leseexemplar",
      live: "wie sie weitergeht",
      at: "wie sie war",
      gone: "Dieser Link führt nirgendwohin",
      goneText:
        "Er wurde widerrufen, ist abgelaufen oder nie erstellt worden. Am besten nachfragen, woher er kam.",
      away: "Der Ort, an dem das liegt, ist nicht erreichbar. Es wird weiter versucht.",
      opening: "Wird geöffnet…",
    },
  },
} satisfies Translation<typeof english>;
