import type { Translation } from "../language/texts";
import type { handing as english } from "../en/handing";

export const handing = {
  handingWords: {
    handIn: "Abgeben…",
    sheet: {
      notReached: "Noch nichts getan bei: {stages}",
      title: "Abgeben?",
      text: "Die Lehrkraft bekommt das Blatt, wie es jetzt ist. Daran lässt sich nichts ändern, bis es zurückkommt.",
      seen: "Danach ist der Literaturwert zu sehen, deshalb lässt es sich nicht zurückholen.",
      takesBack: "Es lässt sich zurückholen, bis die Lehrkraft es geöffnet hat.",
      ready: "Nichts ist offen: keine Bleistiftnotiz, keine Aufforderung.",
      look: "Vorher noch ansehen:",
      insists: "Die Lehrkraft nimmt es erst, wenn nichts davon mehr offen ist.",
      marks: "{count, plural, one {# Bleistiftnotiz} other {# Bleistiftnotizen}} bei „{stage}“",
      late: "Der Abgabetermin ist vorbei: Es wird als verspätet vermerkt.",
      keeping: "Noch ist nicht alles auf dem Server: bitte kurz warten.",
      doIt: "Abgeben",
      keep: "Noch nicht",
    },
    bench: {
      label: "Abgegeben",
      stays: "Es bleibt, wie es ist, bis es zurückkommt.",
      late: "verspätet",
      takeBack: "Zurückholen",
      opened: "Die Lehrkraft liest es gerade.",
      returned: "Es ist zurückgekommen: Damit lässt sich weiterarbeiten und noch einmal abgeben.",
    },
    teacher: { giveBack: "Zurückgeben", returned: "Es ist wieder am Tisch." },
    row: {
      "handed-in": "abgegeben",
      opened: "geöffnet",
      returned: "zurückgegeben",
      late: "verspätet",
    },
  },
  handedIn: { plain: "Abgegeben", by: "Abgegeben von {name}" },
} satisfies Translation<typeof english>;
