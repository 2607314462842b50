import type { Translation } from "../language/texts";
import type { tabling as english } from "../en/tabling";

export const tabling = {
  tablingWords: {
    names: {
      every: "{recording}, jeder {every}. Messwert",
      each: "{recording}, jeder Messwert",
      means: "{recording}, Mittelwerte über {every}",
      differences: "{recording}, Änderungsrate als Differenz über {through}",
      "savitzky-golay": "{recording}, Änderungsrate (Savitzky–Golay, Grad 2 über {through})",
    },
    title: "Als Tabelle",
    way: "Zeilen",
    ways: {
      every: "jeder k-te Messwert",
      means: "Mittelwerte über k Messwerte",
      differences: "Änderungsrate, als Differenz",
      "savitzky-golay": "Änderungsrate, Savitzky–Golay",
    },
    every: { readings: "k", counts: "Abschnitte je Summe", events: "Jedes k-te" },
    through: "über Messwerte",
    fromFirst: "Zeit ab der ersten Zeile zählen",
    make: "Tabelle anlegen",
    made: "Eine Tabelle mit {rows} Zeilen steht unter „Messwerte“.",
    show: "Tabelle zeigen",
    number: "Nummer des Ereignisses",
    moment: "Zeitpunkt",
    counts: "Zählungen",
    rateOf: "Änderungsrate von {name}",
    none: "Darin sind keine Messwerte für eine Tabelle.",
    tooMany:
      "{rows} Zeilen sind mehr, als Platz ist ({room}). Ein größeres k oder einen kürzeren Abschnitt nehmen.",
    tooManyTables: "Diese Auswertung fasst keine weiteren Tabellen. Zuerst eine entfernen.",
    smooth: {
      over: "geglättet über",
      text: "Eine neue Aufzeichnung mit einem geglätteten Kanal neben den Messwerten; sie selbst bleiben, wie sie sind.",
      make: "Geglätteten Kanal anlegen",
    },
    smoothedChannel: "{name}, geglättet (Savitzky–Golay, Grad 2 über {through})",
    smoothedName: "{recording}, geglättet",
  },
  time: "Zeit",
} satisfies Translation<typeof english>;
