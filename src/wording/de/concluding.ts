import type { Translation } from "../language/texts";
import type { concluding as english } from "../en/concluding";

export const concluding = {
  sourceWords: {
    slope:
      "{word, select, gradient {dem Anstieg einer Geraden} other {der Steigung einer Geraden}}",
    intercept: "dem Achsenabschnitt einer Geraden",
    parameter: "einem Parameter einer Kurve",
    crossing: "dem Schnittpunkt zweier Geraden",
    "read-off": "einem abgelesenen Wert",
    mean: "dem Mittelwert einer Größe",
    none: "Konstanten und früheren Ergebnissen",
  },
  byWords: {
    theory: "nach der Theorie, aufgelöst",
    formula: "nach einer eigenen Formel",
    itself: "unverändert",
  },
  usesWords: {
    house: "nach den Hausregeln",
    range: "die halbe Spanne der Grenzgeraden",
    error: "der Standardfehler",
  },
  stepWords: {
    theory: "Theorie",
    "stands-for": "also steht er für",
    solved: "aufgelöst",
    formula: "Formel",
    counted: "in SI-Einheiten",
    numbers: "eingesetzt",
    value: "Wert",
    together: "± zusammen",
  },
  soItIs:
    "{about, select, slope {also ist die Steigung} gradient {also ist der Anstieg} intercept {also ist der Achsenabschnitt} other {also steht er für}}",
  fromSource: {
    slope:
      "{word, select, gradient {Aus dem Anstieg in {named}.} other {Aus der Steigung in {named}.}}",
    intercept: "Aus dem Achsenabschnitt in {named}.",
    parameter: "Aus der Kurve in {named}.",
    crossing: "Aus dem Schnittpunkt der Geraden in {named}.",
    "read-off": "Abgelesen in {named}.",
    mean: "Aus dem Mittelwert von {named}.",
    none: "Aus Konstanten und früheren Ergebnissen.",
  },
  compared: {
    meets: {
      exactly:
        "Die beiden Bereiche überlappen sich: Das Ergebnis stimmt im Rahmen seines ± mit dem Literaturwert überein.",
      off: "Die beiden Bereiche überlappen sich: Das Ergebnis stimmt im Rahmen seines ± mit dem Literaturwert überein, liegt aber {way, select, high {höher} other {niedriger}}.",
      by: "Die beiden Bereiche überlappen sich: Das Ergebnis stimmt im Rahmen seines ± mit dem Literaturwert überein, liegt aber um {percent} % {way, select, high {höher} other {niedriger}}.",
    },
    misses: {
      exactly:
        "Die beiden Bereiche überlappen sich nicht: Das Ergebnis stimmt nicht mit dem Literaturwert überein; die Werte selbst sind gleich.",
      off: "Die beiden Bereiche überlappen sich nicht: Das Ergebnis stimmt nicht mit dem Literaturwert überein; es liegt {way, select, high {höher} other {niedriger}}.",
      by: "Die beiden Bereiche überlappen sich nicht: Das Ergebnis stimmt nicht mit dem Literaturwert überein; es liegt um {percent} % {way, select, high {höher} other {niedriger}}.",
    },
    inCombined: "Das sind {times} kombinierte Standardunsicherheiten.",
  },
  explanation:
    "{size, select, large {Ein um {off} zu großer Wert ({name}) würde das erklären.} other {Ein um {off} zu kleiner Wert ({name}) würde das erklären.}}",
  part: {
    constant:
      "{name}: {percent} % davon. An mehr Stellen messen oder mit einem feineren Messgerät.",
    column: "{name}: {percent} % davon. Der Anteil ist allen Zeilen gemeinsam: öfter messen.",
    source:
      "{name}: {percent} % davon. Über einen größeren Bereich messen und die Fehlerbalken der äußersten Punkte verkürzen.",
  },
  effectKinds: { instrument: "Messgerät", random: "zufällig", systematic: "systematisch" },
  effects: {
    instrument:
      "Die Wiederholungen ({quantity}) stimmen besser überein, als das ± sagt: Lässt sich feiner ablesen oder mehr auf einmal messen, und könnte jeder Wert um dasselbe verschoben sein?",
    ofInstrument:
      "Die Wiederholungen ({quantity}) stimmen besser überein, als das ± des Messgeräts sagt ({instrument}): Lässt sich feiner ablesen oder mehr auf einmal messen, und könnte jeder Wert um dasselbe verschoben sein?",
    "intercept-off-zero":
      "Der Achsenabschnitt liegt nicht bei null: Gibt es einen Nullpunktfehler oder einen Versatz, der alle Messwerte gleich verschiebt?",
    "curve-in-residuals":
      "Die Messwerte liegen mit einem Muster um die Gerade: Lässt die Theorie etwas außer Acht, etwa Reibung, Erwärmung oder Drift?",
    "line-misses-boxes":
      "Die Messwerte streuen mehr, als ihr ± sagt: Was hat sich von Messung zu Messung noch geändert?",
    "bars-seem-too-long":
      "Die Messwerte streuen weniger, als ihr ± sagt: Ist das ± des Messgeräts zu groß angesetzt?",
    "dominant-reading": "Ein einziger Messwert hält die Gerade: Lässt er sich wiederholen?",
  },
  found: "Gefunden: {text}.",
} satisfies Translation<typeof english>;
