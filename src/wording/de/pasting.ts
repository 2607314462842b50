import type { Translation } from "../language/texts";
import type { pasting as english } from "../en/pasting";

export const pasting = {
  repeatWords: {
    taken: "Nach ihren Überschriften sind {count} Spalten Wiederholungen von",
    apart: "Eigene Spalten daraus machen",
    gather: "Wiederholungen aus diesen {count} Spalten machen",
    part: "Eine eigene Spalte für jede Wiederholung",
    choice: "Nummerierte Spalten",
    choices: { repeats: "Wiederholungen einer Größe", apart: "eigene Spalten" },
  },
  seriesWords: {
    said: "{more, select, yes {Die Worte dieser Spalte kommen wieder: {words} ….} other {Die Worte dieser Spalte kommen wieder: {words}.}}",
    make: "Messreihen daraus machen",
    choice: "Wiederkehrende Worte",
    choices: { series: "werden Messreihen", column: "bleiben eine Spalte" },
    made: "Nach den Worten einer Spalte stehen die Zeilen in {count} Messreihen.",
    apart: "Als Spalte lassen",
  },
  remarkWords: {
    taken: "Eine Spalte mit Worten steht als Bemerkungen zu den Zeilen, nicht als Messwerte:",
    numbers: "Als Zahlen lesen",
    said: "Diese Spalte enthält Worte, keine Zahlen.",
    make: "Als Bemerkungen behalten",
    is: "Bemerkungen zu den Zeilen: Worte, die bei jeder Zeile stehen und nie aufgetragen werden.",
    reported: "In der Tabelle des Protokolls angeben",
    heading: "Bemerkungen",
  },
  quoted: "„{word}“",
  pasted: {
    nothing:
      "Die Zwischenablage enthält keine Messwerte. Die Zellen in der Tabellenkalkulation noch einmal kopieren.",
    "too-many-rows":
      "Dieser Block hat {rows, plural, one {# Zeile} other {# Zeilen}}; eine Auswertung fasst höchstens {most, plural, one {# Zeile} other {# Zeilen}}. Nichts wurde eingefügt: nur einen Teil kopieren.",
    "too-many-columns":
      "Mit diesem Block wären es {columns, plural, one {# Spalte} other {# Spalten}}; eine Auswertung fasst höchstens {most}. Nichts wurde eingefügt: weniger Spalten kopieren.",
    "too-long":
      "Zeile {row} des Blocks enthält einen Text, der für einen Messwert zu lang ist. Nichts wurde eingefügt.",
    block:
      "Eingefügt: {rows, plural, one {# Zeile} other {# Zeilen}} mit {columns, plural, one {# Spalte} other {# Spalten}}.",
    headings: "Die Überschriften ergaben Name, Formelzeichen und Einheit.",
    commas: "Dezimalkommas wurden als solche gelesen.",
    short:
      "{count, plural, one {In # Zeile} other {In # Zeilen}} fehlten Zellen; sie blieben, wie sie waren.",
  },
} satisfies Translation<typeof english>;
