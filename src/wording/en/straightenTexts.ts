export const straightenTexts = {
  writeAFormulaInSymbol: "Write a formula in {symbol} alone.",
  oneSOwnAcross: "One’s own across",
  oneSOwnUp: "One’s own up",
  up: "Up",
  across: "Across",
  tooFewPoints: "too few points",
  upAgainstAcross: "up against across",
  straightenBoard: "Straighten board",
  fromThePoints: "From the points",
  powersAndLogarithmsNeedValues: "Powers and logarithms need values above zero in every row.",
  lostOtherLostReadingsHave:
    "{lost, plural, one {One reading has} other {{lost} readings have}} no value there and can’t be shown.",
  thereIsNoRoomFor: "There is no room for further quantities.",
  plotIt: "Plot it",
  slope: "slope",
  intercept: "intercept",
  howOneGetsThere: "How one gets there",
  valueMorePairs: "{value} more pairs",
  fitItAsACurve: "Fit it as a curve",
  fromATheory: "From a theory",
  theEquationThatTheReadings: "The equation that the readings should follow",
  symbolsOfQuantitiesCountAs:
    "Symbols of quantities count as measured, those of constants as known, all others as unknown. √(…), powers such as L³ or L^3, ln, exp, sin are understood.",
  howToReadTheBoard: "How to read the board",
  eachSmallFigureShowsThe:
    "Each small figure shows the same readings with the quantity at its left up and the one below it across. The bar under it is long where a bend is no larger than the bars of the readings explain; R² would be near 1 for all of them. ★ is the simplest of the straightest.",
  /** "If T = a·Lⁿ, then n = 1.49 ± 0.02"; up, across, power and number are typeset. */
  powerAgrees: "If {up} = a·{across}, then {power} = {number}, which agrees with {fraction}.",
  powerAlone:
    "If {up} = a·{across}, then {power} = {number}, which agrees with no simple fraction.",
  rate: "If {up} = a·exp(b·{across}), then {rate} = {number}.",
  /** What goes up against what goes across; both are typeset. */
  against: "{up} against {across}",
  plotPair: "Plot {up} against {across}",
  straight: "straight",
  bentUp: "bent upwards",
  bentDown: "bent downwards",
  /** A small figure of the board, as it is heard. */
  cell: "{name}: {said}",
  straightestCell: "{name}: {said}, the straightest",
  stage: "Straighten",
  needsRows: "The board needs four rows with a reading of both quantities.",
  needsTwo: "Straightening needs two quantities in one table. Measure first.",
  roles: { measured: "measured", known: "constants", unknown: "unknown" },
  zero: "zero",
} as const;
