import type { Translation } from "../language/texts";
import type { uncertainty as english } from "../en/uncertainty";

export const uncertainty = {
  uncertaintyLabels: {
    amount: { label: "± jedes Messwerts", example: "0,1" },
    up: { label: "Nach oben um", example: "0,2" },
    down: { label: "Nach unten um", example: "0,1" },
    percent: { label: "Prozent des Messwerts", example: "2" },
    digits: { label: "Schritte der letzten Stelle", example: "2" },
    division: { label: "Kleinste Teilung", example: "0,001" },
    edge: { label: "± einer einzelnen Kante", example: "0,0005" },
    column: { label: "Die Spalte mit dem ±", example: "" },
  },
  spreadNames: {
    "half-range": "halbe Spannweite (max − min)/2",
    "sample-standard-deviation": "Standardabweichung s (n − 1)",
    "standard-error": "Standardabweichung des Mittelwerts s/√n",
  },
  scatterShort: {
    "half-range": "½ Sp.",
    "sample-standard-deviation": "s",
    "standard-error": "s/√n",
  },
  combinationNames: {
    larger: "das größere von beiden",
    quadrature: "quadratisch √(a² + b²)",
    sum: "einfache Summe",
    "spread-only": "nur die Streuung",
    "instrument-only": "nur das Messgerät",
  },
  uncertaintyInCells: {
    ofEach: "± jedes Messwerts",
    none: "noch kein ±",
    explained: "Jeder Messwert gibt sein eigenes ± an; einer ohne ± hat keinen Balken.",
  },
  joining: {
    larger: "das größere zählt",
    quadrature: "quadratisch",
    sum: "addiert",
    "spread-only": "nur die Streuung zählt",
    "instrument-only": "nur das Messgerät zählt",
  },
  scatterNames: {
    "half-range": "halbe Spannweite",
    "sample-standard-deviation": "Standardabweichung",
    "standard-error": "Standardabweichung des Mittelwerts",
  },
  foldingWords: {
    fold: "Das ± hinter jeden Messwert setzen",
    unfold: "Das ± in eine eigene Spalte setzen",
  },
  kinds: {
    none: "keine",
    fixed: "für alle Messwerte gleich",
    "half-division": "halbe kleinste Teilung",
    "two-edges": "zwei abgelesene Kanten",
    "last-digit": "eine letzte Stelle der Anzeige",
    percent: "Prozent des Messwerts",
    "percent-and-digits": "Prozent und Stellen",
    counting: "Zählung: √N",
    "up-and-down": "verschieden nach oben und unten",
    column: "in einer anderen Spalte",
  },
  headings: {
    "percent-and-digits": "± ({percent} % + {digits} Schritte)",
    "last-digit": "± 1 letzte Stelle",
  },
  sentences: {
    none: "Kein ± angegeben: Die Punkte haben keine Balken.",
    fixed: "Jeder Messwert ist auf ± {size} sicher.",
    "up-and-down":
      "Jeder Messwert kann um bis zu {up} zu niedrig und {down} zu hoch sein. Wo eine Zahl gebraucht wird, gilt ihr Mittel: ± {size}.",
    "half-division": "Die Hälfte der kleinsten Teilung von {division}: ± {size}.",
    "two-edges": "± {edge} an jeder Kante, zweimal, weil beide Enden abgelesen werden: ± {size}.",
    "last-digit": "Ein Schritt der letzten eingetippten Stelle: ± 0,01 bei einem Messwert 3,20.",
    percent: "{percent} % jedes Messwerts.",
    "percent-and-digits":
      "{percent} % jedes Messwerts und {digits} Schritte seiner letzten Stelle.",
    counting: "Die Wurzel jeder Zählung: ± 12 bei 144; eine Zählung von nichts hat ± 1.",
    column: "Der Messwert daneben in jener Spalte ist sein ±.",
  },
  scatter: {
    one: "Ein Messwert: ± {size} vom Messgerät.",
    several:
      "{count} Wiederholungen: {named} {scatter}, Messgerät {instrument}; {joined}: ± {size}.",
  },
} satisfies Translation<typeof english>;
