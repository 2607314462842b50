import type { Translation } from "../language/texts";
import type { deriveTexts as english } from "../en/deriveTexts";

export const deriveTexts = {
  theDerivedQuantityInHand: "Die ausgewählte berechnete Größe",
  period: "Periodendauer",
  shownIn: "Gezeigt in",
  asWorkedOut: "wie berechnet",
  removeThisQuantity: "Diese Größe entfernen",
  overAllRowsAdvice: "Über alle Zeilen: {advice}",
  threeWaysToAddUp: "Drei Wege zusammenzurechnen",
  houseRules: "Hausregeln",
  monteCarloDrawsRowsNot: "Monte Carlo zieht Zeilen, nicht Formeln über ganze Spalten.",
  roundOfItIsCommon:
    "{round} % davon sind allen Zeilen gemeinsam: Das gehört zum Ergebnis und nicht zu den Fehlerbalken.",
  formulas: "Formeln",
  aFormulaUsesTheSymbols:
    "Eine Formel verwendet die eigenen Formelzeichen der Messwerte und Konstanten: + − * / ^, Klammern, π, sqrt ln log exp sin cos tan. Einheit und ± werden berechnet.",
  whatItMayBecome: "Was daraus werden kann",
  formulaOfSymbol: "Formel von {symbol}",
  n16Pi2ML: "16 pi^2 m L^3/(b d^3 T^2)",
  aUsualFormula: "Eine übliche Formel",
  writeAFormula: "Formel schreiben",
  orOver: "oder über",
  theWorkingIsOnThe: "Die Rechnung ist in der Zwischenablage: {kind}.",
  theClipboardCouldNotBe:
    "Die Zwischenablage war nicht erreichbar. Für diese Seite erlauben und noch einmal versuchen.",
  tex: "TeX",
  copyAsTex: "Als TeX kopieren",
  mathml: "MathML",
  copyAsMathml: "Als MathML kopieren",
  aPicture: "Bild",
  copyAsPicture: "Als Bild kopieren",
  takeOutOfTheWrite: "Aus dem Protokoll nehmen",
  useInTheWriteUp: "Im Protokoll verwenden",
  useThisRowInThe: "Diese Zeile im Protokoll verwenden",
  row: "Zeile",
  workedExample: "Beispielrechnung",
  noneAPureNumber: "keine, eine reine Zahl",
  derivedQuantities: "Berechnete Größen",
  nothingIsWorkedOutYet:
    "Noch ist nichts berechnet. Eine Formel mit den Formelzeichen der Messwerte schreiben, etwa t/10 oder L^3.",
  quantity: "Größe",
  formula: "Formel",
  unitWorkedOut: "Einheit, berechnet",
  rowRow: "Zeile {row}",
  whereUncertainty: "Woher das ± von {symbol} kommt, Zeile {row}",
  exampleOf: "Beispielrechnung: {symbol},",
} satisfies Translation<typeof english>;
