import type { Translation } from "../language/texts";
import type { classTable as english } from "../en/classTable";

export const classTable = {
  bench: "Tisch",
  names: "Namen",
  stage: "Schritt",
  changed: "geändert",
  readings: "Messwerte",
  openMarks: "offene Bleistiftnotizen",
  straight: "gerade",
  slope: "Steigung",
  sizeOfSlope: "± der Steigung",
  unitOfSlope: "Einheit der Steigung",
  result: "Ergebnis",
  sizeOfResult: "± des Ergebnisses",
  unitOfResult: "Einheit des Ergebnisses",
  handedIn: "Abgabe",
  at: "Zeitpunkt",
  late: "verspätet",
  yes: "ja",
  no: "nein",
  criterion: "{text} (von {points})",
  sum: "Summe (von {points})",
  lastWord: "Schlusswort",
} satisfies Translation<typeof english>;
