export const findings = {
  sentences: {
    "narrow-range":
      "The largest reading is only {ratio} times the smallest. A wider range makes the line surer.",
    "unlike-decimals": {
      coarser:
        "Typed to {decimals}, the others to {usual}. If it was read as finely, add the zeros.",
      finer: "Typed to {decimals}, the others to {usual}. Write only what the instrument shows.",
    },
    "uncertainty-decimals":
      "The ± is given to {decimals}, the readings to {readings}. Give both to the same place.",
    "disagrees-with-instrument":
      "Typed to {decimals}, but an instrument with steps of {resolution} is read to {wanted}. Write what it shows, zeros too.",
    "far-repeat":
      "Stands apart from the other {others} repeats: the gap is {percent} % of their whole range (Dixon’s test, 95 %). Look again; if it was disturbed, set it aside and say why.",
    "off-trend":
      "{size, select, large {About ten times too large beside its neighbours.} other {About ten times too small beside its neighbours.}} Check the decimal point.",
    "uneven-gaps":
      "Nothing was read between {from} and {to}, though the other gaps are smaller. A reading there would fill the stretch.",
    "broken-formula": {
      atOnce: "The formula breaks off. Something is missing.",
      after: "The formula breaks off after “{before}”. Look for a missing sign or bracket there.",
    },
    "unknown-symbol": {
      meant: "There is no {symbol}; did you mean {meant}?",
      unknown: "There is no {symbol}. Give a quantity or a constant this symbol first.",
    },
    cycle: "{symbols}: these depend on one another in a circle. One of them must be measured.",
    "adds-unlike":
      "{operator, select, plus {The two sides of the + have unlike units and can’t be added.} other {The two sides of the − have unlike units and can’t be subtracted.}}",
    "unlike-uncertainty-unit":
      "The ± is in {unit}, the readings in {wanted}. Give the ± in the same kind of unit, or in % of the reading.",
    "subtracts-nearly-equal":
      "It subtracts two numbers that nearly agree (in {rows, plural, one {# row} other {# rows}}): little is left but their ±. Measure the difference directly, or make it larger.",
    "paper-not-filled":
      "{axis, select, x {The points take up {percent} % of the paper across.} other {The points take up {percent} % of the paper upwards.}} Let the axis fill the paper, so that the slope can be read more surely.",
    "unusual-steps":
      "Steps of {step} are hard to count between. Take 1, 2 or 5 times a power of ten.",
    "small-text":
      "The text will be {points} points high in print. Choose a larger size, so that it is 7 points at least.",
    "beyond-logarithm":
      "A logarithmic axis can’t show {count, plural, one {# row} other {# rows}} at or below zero. Make the axis even, or look at those readings.",
    "too-few-points":
      "{count, plural, =0 {There are no points yet. A line needs two rows with both readings.} other {There is only one point. A line needs at least two.}}",
    "line-misses-boxes":
      "{count, plural, one {The best line misses the error box of {rows}.} other {The best line misses the error boxes of {rows}.}} Look at the reading and its ±, or set it aside with a reason.",
    "bars-seem-too-long":
      "The points lie much closer to the line than their bars (reduced χ² {reduced}). The ± may be too large, or shared by all readings.",
    "intercept-off-zero":
      "The theory says zero, but the intercept is {halves} times its ± away from it. Look for a zero error or an effect that was left out.",
    "curve-in-residuals":
      "The points lie {pattern} the line: a curve. Try another pair of quantities on Straighten.",
    "dominant-reading":
      "Without row {row} the slope would change by {percent} %, more than its own ±. Check that reading, or take more near it.",
    "too-few-for-curve":
      "{count, plural, one {This curve needs at least {wanted} points, and there is #.} other {This curve needs at least {wanted} points, and there are #.}} Take more readings, or choose a simpler curve.",
    "curve-without-variable": "The formula must say how the curve depends on {symbol}, or on x.",
    "as-many-parameters-as-points":
      "With {count} parameters through {count} points the curve meets them whatever they are and proves nothing. Take more readings, or choose a simpler curve.",
    "parameter-not-told":
      "These points do not tell {parameter}: another parameter makes up for it, or the search did not settle. Keep one fixed, choose a simpler curve, or read over a wider range.",
    "pattern-about-curve":
      "R² is {rSquared}, and yet the points lie {pattern} the curve: another curve belongs to them. R² does not choose the physics.",
    "curve-far-beyond":
      "The curve is drawn {times} times as far beyond the readings as they reach. Keep it to the readings, or say that it is extended.",
    "line-far-beyond":
      "The line is drawn {times} times as far beyond the readings as they reach. Keep it to the readings, or say that it is extended.",
    "common-part-of-slope":
      "Constants bring {percent} % of ± into {symbol} that no error bar shows, for it moves all points together. The ± of the line and of results counts it.",
    "points-err-together": {
      unknown:
        "{between, select, neighbours {Neighbouring points share a reading, so they err together:} other {Both axes are made from the same readings, so they err together:}} the standard errors are too large or too small. Give the readings a ±, and they are put right.",
      counted:
        "{between, select, neighbours {Neighbouring points share a reading, so they err together.} other {Both axes are made from the same readings, so they err together.}} The standard error counts that: it is {factor} times that of points that err by themselves. The error boxes and the slope range do not.",
    },
    "theory-without-symbol": {
      empty: "Give the wanted constant its symbol, as it stands in the theory.",
      absent:
        "{about, select, intercept {By the theory {symbol} is not in the intercept of this figure.} other {By the theory {symbol} is not in the slope of this figure.}} Take the other of slope and intercept, or write the formula here.",
    },
    "accepted-unlike-decimals": {
      more: "The accepted value has more decimals than its ±. Give both to the same place.",
      fewer:
        "The ± of the accepted value has more decimals than the value. Give both to the same place.",
    },
    "missing-unit": "The readings have no unit. Give one; a pure number has the unit 1.",
    "few-readings":
      "There are only {count} readings. Take at least {wanted} before you trust a line.",
    "zero-uncertainty": "No reading is sure to ± 0. Give at least half the smallest division.",
    "no-uncertainty":
      "Nothing says how sure the readings are. Give each a ±: half the smallest division at least, or repeats.",
    "blank-uncertainty":
      "The place of the ± is empty. Fill it; until then nobody knows how sure this reading is, and it has no box.",
    "larger-than-reading":
      "The ± is larger than the reading itself. Check the unit and the decimal point of both.",
    "identical-repeats":
      "All {count} repeats are the same, so that they would be sure to ± 0. Give the ± of the instrument beside them.",
    "uncertainty-figures":
      "The ± has {figures} figures. One says how sure it is, {most} at the most.",
    "finer-than-resolution":
      "The ± is finer than a smallest step of {resolution} leaves open. Give at least half a step.",
    "out-of-order": "All other rows are in order but this one. Check the number, or move the row.",
    "duplicate-row":
      "The same as row {of} in every reading. If it was measured anew, put it among the repeats; if it was copied twice, remove it.",
    "no-symbol": "A symbol is needed, so that figures and formulas can name it.",
    "symbol-taken":
      "Something else is already called {symbol}. Choose another symbol, or add a subscript: {symbol}_2.",
    "symbol-is-a-function":
      "Formulas keep {symbol} for themselves. Choose another symbol, or add a subscript: {symbol}_1.",
    "not-a-formula":
      "This can’t be read as a formula. Use symbols, numbers, + − * / ^, brackets and functions such as sqrt( ).",
    "formula-too-long": "This formula is too long to read. Split it into two quantities.",
    "unknown-sign": "“{sign}” means nothing in a formula. Use + − * / ^.",
    "unknown-function":
      "There is no function “{function}”. For a product write *; the functions are sqrt ln log exp sin cos tan asin acos atan abs.",
    "one-in-brackets": "{function}( ) takes one thing between its brackets.",
    "ambiguous-quotient":
      "This quotient can be read in two ways. Write * for the product, or put brackets around what belongs together.",
    "function-of-unit":
      "{function}( ) takes a pure number, but its bracket has a unit. Divide it by one of the same kind.",
    "exponent-has-unit": "An exponent is a pure number, but this one has a unit.",
    "exponent-must-be-a-number":
      "Something with a unit can only be raised to a number, or its unit would differ from row to row.",
    "celsius-as-factor":
      "A temperature in °C is multiplied here: it is taken in kelvin, since 20 °C is not twice 10 °C.",
    "log-of-unit":
      "The {function} is taken of the number in its unit, as labs do. Say the unit with it.",
    "unlike-unit-wanted":
      "{unit} is a unit of another kind of quantity. Leave the field empty, or choose one that fits.",
    "unit-not-understood":
      "The unit of {symbol} is not understood, so it can’t be calculated with. Mend it on Measure.",
    "division-by-zero": "Divided by zero.",
    "root-of-negative": "A root or broken power of a negative number.",
    "log-of-nothing": "A logarithm of zero or of a negative number.",
    "arc-beyond-one": "The arc of a number beyond 1.",
    "empty-column": "The column holds no number.",
    "no-next-row": "There is no row after this one.",
    "slope-without-end": "The ± grows without end here.",
    "no-reading": "There is no {symbol} in this row.",
    "large-relative-uncertainty":
      "The ± is up to {percent} % of the value, where straight-line propagation misleads.",
    "common-part-larger":
      "The constants’ ± is larger than that of the readings: it moves all points together and is no scatter.",
    "first-order-misleads":
      "In row {row} the formula bends within the ±: drawing it gives a ± that differs by {percent} %. Quote the one by Monte Carlo.",
    "coarse-number":
      "The number {text} leaves {percent} % open, nearly as much as the readings. Write it with more figures, or as a constant with its ±.",
    "ignores-repeat":
      "{beside} reads like a repeat of {symbol}, but the formula leaves it out. Make it a repeat of {symbol}, or take the mean of both.",
    "bar-of-zero":
      "A reading without ± would count endlessly much. Give every reading a ±, or let no bars count.",
    "not-converged":
      "The line with both bars did not settle. It is shown as far as it came; look at the readings that are far off.",
    "parallel-lines": "The lines are parallel and cross nowhere.",
    "end-boxes-overlap":
      "The first and the last error box can’t be told apart across. Take the range through every box, or readings further apart.",
    "range-without-end":
      "All error boxes overlap across, so a line can turn without end. Take readings further apart.",
    "title-order":
      "The title names the horizontal axis first. A graph is called y against x: what stands upright comes first.",
    "axis-without-unit":
      "The axis of {symbol} has no unit. Give the quantity one on Measure, or 1 for a pure number.",
    "no-caption":
      "The caption is the proposed one. Say in a sentence of your own what the figure shows.",
    "joined-points":
      "Points are joined by straight stretches, as if no reading were uncertain. Draw the best-fit line or a smooth guide instead.",
    "bars-too-small": "The error bars of {symbol} are too small to be seen. Say so in the caption.",
    "other-unit":
      "{symbol} is not drawn: it has another unit than the vertical axis. Show both in the same unit on Derive.",
    "unknown-unit":
      "“{symbol}” is not a unit that is known here. It is kept as typed; check its spelling.",
    "not-a-unit": "“{text}” can’t be read as a unit. Write it like m s^-2 or mol/L.",
    "all-x-equal":
      "All points stand at the same place along the horizontal axis, so no slope exists. Vary that quantity.",
    "lengths-differ": "The two quantities have different numbers of readings.",
    "not-finite": "One of the readings is too large to calculate with.",
    "straightedges-missing":
      "The house rules take the slope range by hand. Lay two straightedges and make one the steepest, the other the shallowest.",
    "no-error-boxes":
      "Readings without ± have no error boxes, so nothing bounds how far the line can turn. Say on Measure how sure each reading is.",
    "many-boxes-missed":
      "The best line misses {missed} of {of} error boxes. The ± may be too small, or the points lie on a curve.",
    "parameters-inseparable":
      "These points can’t tell the parameters of this curve apart. Choose a simpler curve, or keep one of them fixed.",
    "curve-not-found":
      "No place was found where this curve has a height at every point. Give starting values, or choose another curve.",
    "curve-without-formula":
      "Write a formula, with letters of your own for what is to be found: a*exp(-x/b).",
    "curve-without-parameters":
      "The formula leaves nothing to be found. Put a letter of your own for each number that the fit is to give.",
    "curve-not-settled":
      "The search did not settle at a lowest place, so its numbers are not stated. Give starting values, keep a parameter fixed, or choose another curve.",
    "parameters-correlated":
      "Two parameters make up for each other almost wholly, so neither means much by itself. Keep one fixed, or read over a wider range.",
    "start-mattered":
      "From another beginning the search ended at a worse place. Look whether the curve follows the points, and give starting values if not.",
    "theory-needs-one-equals":
      "Write the equation with one = between both sides, as in T = 4π√(m L³/(E b d³)).",
    "theory-needs-two-measured":
      "At least two symbols of the equation must be those of quantities in one table. Give the quantities the symbols that the equation uses.",
    "theory-stays-curved":
      "No pair of quantities makes this equation straight while its unknowns are unknown. Fit it as a curve instead.",
    "r-squared-for-uncertainty":
      "R² says how well a line describes the points, not how sure the slope is. Quote the slope with its ±.",
    "two-points-no-standard-error":
      "Two points always lie on a line, so nothing tells how sure it is. Take a third reading.",
    "read-off-unbounded":
      "Among the lines that meet every box are some that never get there, so nothing bounds this value. Shorter error bars or a wider range would.",
    "read-off-beyond":
      "This is read off far beyond the readings, where nothing was measured: say that it is extended, or take readings nearer to it.",
    "lines-cross-near":
      "The two laid lines cross close to this place, so what lies between them there says too little. Lay them so that they do not cross there, or let the range follow every error box.",
    "result-without-series":
      "The series that this was taken from has no line in the figure any more. Choose another line, or bring its readings back.",
    "curve-without-series":
      "The series that this curve belongs to has no points in the figure any more. Choose another one, or bring its readings back.",
    "result-without-figure":
      "The figure that this is taken from shows no line. Choose a figure with at least two readings.",
    "result-without-curve":
      "The figure has no fitted curve. Fit one in Slope, or take the result from its line.",
    "result-without-quantity": "Choose the quantity whose mean this is.",
    "result-without-formula":
      "Write how it comes from the source, such as 4 · slope, or take the source as it is.",
    "result-without-theory":
      "There is no theory yet. Type its equation in Straighten, or write the formula here.",
    "result-without-uncertainty":
      "Nothing tells how sure the number from the figure is: give the readings a ±, or take more of them.",
    "result-without-solution":
      "No {symbol} above zero fits the theory and the numbers. Check the units of the constants, and whether slope or intercept is meant.",
    "result-with-several-solutions":
      "More than one {symbol} fits the theory; this is the smallest.",
    "result-needs-constant":
      "{symbol} has no value yet. Add it as a constant, with its ± and unit.",
    "result-needs-unit":
      "The theory is solved for {symbol} by numbers, so its unit can’t be worked out. Type the unit.",
    "constant-without-value": "The constant {symbol} has no number that can be read. Complete it.",
    "theory-not-of-figure":
      "The theory does not make this figure a straight line. Plot a pair that it proposes in Straighten, or write the formula here.",
    "error-instead-of-range":
      "There is no slope range here, so the standard error of the line stands for its ±.",
    "crossing-needs-two-lines":
      "A crossing needs a figure with two lines: two series, or two quantities on one paper.",
    "read-off-without-place": "Say at which value it is to be read off.",
    "read-off-nothing-there": "There is nothing to read off at this value.",
    "accepted-without-source":
      "The accepted value has no source yet. Say where it can be looked up.",
    "result-without-unit":
      "The result has no unit, for the axes of its figure have none. Give the quantities their units.",
  },
  /** How many decimals something is typed to: stands behind "typed to". */
  decimals: "{count, plural, one {# decimal} other {# decimals}}",
  /** A place before the decimal point: stands behind "typed to". */
  placeOfTen: "the place of 10 to the {exponent}",
  noUnit: "no unit",
  /** Where points lie about a line, one after the other. */
  sides: { above: "above", below: "below" },
} as const;
