import type { Translation } from "../language/texts";
import type { figureTexts as english } from "../en/figureTexts";

export const figureTexts = {
  unnamed: "ohne Namen",
  unnamedSeries: "Messreihe ohne Namen",
  noSeries: "ohne Messreihe",
  allSeries: "alle Messreihen",
  ofSeries: "{quantity}, {series}",
  title: "{up} gegen {across}",
  caption: "{title}: {shown}.",
  shown:
    "{count, plural, one {# Messwert} other {# Messwerte}}{lines, plural, =0 {} other { mit {names}}}{curves, plural, =0 {} one {{lines, plural, =0 { mit angepasster Kurve} other { und angepasster Kurve}}} other {{lines, plural, =0 { mit angepassten Kurven} other { und angepassten Kurven}}}}{bars, select, yes {; die Fehlerbalken zeigen das ±} other {}}{strip, select, yes {; darunter die Abweichung von der Geraden} other {}}",
  best: "{weighted, select, yes {{lines, plural, one {gewichteter Ausgleichsgerade} other {gewichteten Ausgleichsgeraden}}} other {{lines, plural, one {Ausgleichsgerade} other {Ausgleichsgeraden}}}}",
  steepest: "{lines, plural, one {steilster Gerade} other {steilsten Geraden}}",
  shallowest: "{lines, plural, one {flachster Gerade} other {flachsten Geraden}}",
  number: "Abbildung {number}",
  offTheLine: "Abweichung",
  offTheLineInBars: "Abweichung / ±",
} satisfies Translation<typeof english>;
