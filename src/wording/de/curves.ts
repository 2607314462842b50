import type { Translation } from "../language/texts";
import type { curves as english } from "../en/curves";

export const curves = {
  familyNames: {
    parabola: "Parabel",
    cubic: "dritter Grad",
    quartic: "vierter Grad",
    quintic: "fünfter Grad",
    sextic: "sechster Grad",
    power: "Potenzgesetz",
    exponential: "Exponentialfunktion",
    "exponential-offset": "Exponentialfunktion gegen einen Grenzwert",
    logarithm: "Logarithmus",
    reciprocal: "Kehrwert",
    "inverse-square": "Kehrwert des Quadrats",
    saturation: "Sättigung",
    logistic: "logistisches Wachstum",
    gaussian: "Glockenkurve",
    sine: "Sinus",
    "damped-sine": "gedämpfter Sinus",
    own: "eigene Formel",
  },
  reachOfCurve: {
    data: "vom ersten bis zum letzten Messwert",
    paper: "über das ganze Blatt",
    stretch: "über einen Abschnitt",
  },
  bandsOfCurve: {
    none: "keines",
    confidence: "der Kurve",
    prediction: "eines neuen Messwerts",
    both: "beide",
  },
  curveMeasureWords: {
    points: "Punkte",
    freedom: "Freiheitsgrade",
    off: "Standardabweichung von der Kurve",
    rSquared: "R²",
    adjusted: "korrigiertes R²",
    chiSquare: "χ²",
    reduced: "reduziertes χ²",
    intervals: "Vertrauensbereiche der Parameter",
    level: "Vertrauensniveau, auch der Bänder",
    none: "Vertrauensbereiche brauchen mehr Messwerte als Parameter.",
  },
  compared:
    "Die Physik wählt die Kurve, nicht das größte R²: Ein weiterer Parameter bringt die Kurve immer näher an die Punkte. Das Kriterium (AICc) rechnet das dagegen; kleiner ist besser, und ein Unterschied unter 2 sagt nichts.",
  notTold: "aus diesen Punkten nicht zu bestimmen",
  freedom:
    "{count, plural, one {Student-t mit # Freiheitsgrad.} other {Student-t mit # Freiheitsgraden.}}",
  fitted: "Angepasst: {name}.",
} satisfies Translation<typeof english>;
