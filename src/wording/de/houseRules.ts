import type { Translation } from "../language/texts";
import type { houseRules as english } from "../en/houseRules";

export const houseRules = {
  houseRuleWords: {
    uncertaintyMeans: {
      label: "Was ein ± bedeutet",
      values: {
        limit: "eine Grenze: Der wahre Wert liegt darin",
        standard: "eine Standardunsicherheit (k = 1)",
      },
    },
    spread: { label: "Streuung der Wiederholungen" },
    combination: { label: "Streuung und Messgerät zusammen" },
    propagation: {
      label: "± von Berechnetem",
      values: {
        "worst-case": "Größtfehler: alle ± zugleich an ihrer Grenze",
        quadrature: "quadratisch: unabhängige ± heben sich zum Teil auf",
        "monte-carlo": "Monte Carlo: viele Male gezogen",
      },
    },
    figuresOfUncertainty: {
      label: "Stellen eines ±",
      values: {
        one: "immer eine",
        "one-or-two": "eine, aber zwei nach führender 1",
        two: "immer zwei",
        "din-1333": "DIN 1333: aufgerundet, zwei nach führender 1 oder 2",
      },
    },
    headings: {
      label: "Tabellenköpfe und Achsen",
      values: { slash: "Größe / Einheit", brackets: "Größe (Einheit)" },
    },
    slopeWord: {
      label: "Wort für die Steilheit einer Geraden",
      values: { slope: "Steigung", gradient: "Anstieg" },
    },
    decimalMark: { label: "Dezimalzeichen", values: { point: "Punkt: 0.5", comma: "Komma: 0,5" } },
    language: {
      label: "Sprache von Diagrammen und Protokoll",
      values: { en: "Englisch", de: "Deutsch" },
    },
    slopeRange: {
      label: "Wie weit eine Gerade sich drehen kann",
      values: {
        "every-box": "durch jedes Fehlerrechteck",
        "end-boxes": "durch das erste und das letzte Fehlerrechteck",
        "by-hand": "durch zwei von Hand angelegte Lineale",
        statistics: "durch den Standardfehler der Anpassung",
      },
    },
  },
  readySetNames: {
    "limits-worst-case": "Schule: Grenzen, Größtfehler",
    "limits-quadrature": "Schule: Grenzen, quadratisch",
    "limits-end-boxes": "Schule: Grenzen, Geraden durch die äußersten Rechtecke",
    "standard-quadrature": "Hochschule: Standardunsicherheit, quadratisch",
  },
  readySetWords: { label: "Ausgehen von", own: "eigene Regeln" },
  proposed: {
    rule: "{label} – {value}",
    en: "In englischen Protokollen ist üblich: {rules}.",
    de: "In deutschen Protokollen ist üblich: {rules}.",
    take: "Übernehmen",
  },
  groups: { sure: "Wie sicher eine Zahl ist", lines: "Geraden", written: "Wie geschrieben wird" },
} satisfies Translation<typeof english>;
