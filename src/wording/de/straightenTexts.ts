import type { Translation } from "../language/texts";
import type { straightenTexts as english } from "../en/straightenTexts";

export const straightenTexts = {
  writeAFormulaInSymbol: "Eine Formel nur mit {symbol} schreiben.",
  oneSOwnAcross: "Eigene, waagerecht",
  oneSOwnUp: "Eigene, senkrecht",
  up: "Nach oben",
  across: "Nach rechts",
  tooFewPoints: "zu wenige Punkte",
  upAgainstAcross: "senkrecht gegen waagerecht",
  straightenBoard: "Linearisierungstafel",
  fromThePoints: "Aus den Punkten",
  powersAndLogarithmsNeedValues:
    "Potenzen und Logarithmen brauchen in jeder Zeile Werte über null.",
  lostOtherLostReadingsHave:
    "{lost, plural, one {Ein Messwert hat dort keinen Wert und ist nicht zu zeigen.} other {# Messwerte haben dort keinen Wert und sind nicht zu zeigen.}}",
  thereIsNoRoomFor: "Für weitere Größen ist kein Platz.",
  plotIt: "Auftragen",
  slope: "Steigung",
  intercept: "Achsenabschnitt",
  howOneGetsThere: "Wie man dahin kommt",
  valueMorePairs: "{value} weitere Paare",
  fitItAsACurve: "Als Kurve anpassen",
  fromATheory: "Aus einer Theorie",
  theEquationThatTheReadings: "Die Gleichung, der die Messwerte folgen sollten",
  symbolsOfQuantitiesCountAs:
    "Formelzeichen von Größen gelten als gemessen, die von Konstanten als bekannt, alle anderen als unbekannt. √(…), Potenzen wie L³ oder L^3, ln, exp, sin werden verstanden.",
  howToReadTheBoard: "Wie die Tafel zu lesen ist",
  eachSmallFigureShowsThe:
    "Jedes kleine Diagramm zeigt dieselben Messwerte mit der Größe links nach oben und der unten nach rechts. Der Strich darunter ist lang, wo eine Krümmung nicht größer ist, als die Balken der Messwerte erklären; R² wäre bei allen nahe 1. ★ ist das einfachste der geradesten.",
  powerAgrees: "Ist {up} = a·{across}, dann ist {power} = {number}; das passt zu {fraction}.",
  powerAlone:
    "Ist {up} = a·{across}, dann ist {power} = {number}; das passt zu keinem einfachen Bruch.",
  rate: "Ist {up} = a·exp(b·{across}), dann ist {rate} = {number}.",
  against: "{up} gegen {across}",
  plotPair: "{up} gegen {across} auftragen",
  straight: "gerade",
  bentUp: "nach oben gekrümmt",
  bentDown: "nach unten gekrümmt",
  cell: "{name}: {said}",
  straightestCell: "{name}: {said}, das geradeste",
  stage: "Linearisieren",
  needsRows: "Die Tafel braucht vier Zeilen mit einem Messwert beider Größen.",
  needsTwo: "Linearisieren braucht zwei Größen in einer Tabelle. Zuerst messen.",
  roles: { measured: "gemessen", known: "Konstanten", unknown: "unbekannt" },
  zero: "null",
} satisfies Translation<typeof english>;
