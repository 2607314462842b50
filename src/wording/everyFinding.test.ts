import type { Finding } from "@/core/finding/finding";
import { findingSentence } from "./findings";

/** Every finding that there is (the compiler asks for each), with the words that a student must find in its sentence. */
const everyFinding: {
  readonly [Name in Finding["name"]]: readonly (readonly [
    Finding & { readonly name: Name },
    string,
  ])[];
} = {
  "not-a-number": [[{ name: "not-a-number", text: "about 3" }, "about 3"]],
  "unit-beside-number": [
    [{ name: "unit-beside-number", text: "2 mm", unit: "mm" }, "has its unit with it"],
  ],
  "number-too-large": [[{ name: "number-too-large" }, "too large"]],
  "number-too-small": [[{ name: "number-too-small" }, "smaller unit"]],
  "fraction-is-no-reading": [[{ name: "fraction-is-no-reading", text: "1/2" }, "decimal number"]],
  "comma-where-point-is-used": [
    [{ name: "comma-where-point-is-used", text: "1,2", meant: "1.2" }, "1.2"],
  ],
  "uncertainty-below-zero": [[{ name: "uncertainty-below-zero" }, "below zero"]],
  "missing-unit": [[{ name: "missing-unit" }, "no unit"]],
  "few-readings": [[{ name: "few-readings", count: 3, wanted: 5 }, "at least 5"]],
  "fewer-than-asked": [[{ name: "fewer-than-asked", count: 4, wanted: 6 }, "asks for 6"]],
  "short-of-asked": [
    [{ name: "short-of-asked", from: "0.2", to: "0.5" }, "from 0.2 to 0.5;"],
    [{ name: "short-of-asked", from: "", to: "0.5" }, "readings to 0.5;"],
  ],
  "prompt-left": [[{ name: "prompt-left" }, "not written yet"]],
  "narrow-range": [[{ name: "narrow-range", ratio: 1.4 }, "1.4 times"]],
  "unlike-decimals": [
    [{ name: "unlike-decimals", decimals: 0, usual: 2 }, "add the zeros"],
    [{ name: "unlike-decimals", decimals: 3, usual: 2 }, "what the instrument shows"],
  ],
  "zero-uncertainty": [[{ name: "zero-uncertainty" }, "half the smallest division"]],
  "no-uncertainty": [[{ name: "no-uncertainty" }, "how sure"]],
  "blank-uncertainty": [[{ name: "blank-uncertainty" }, "is empty"]],
  "larger-than-reading": [[{ name: "larger-than-reading" }, "larger than the reading"]],
  "identical-repeats": [[{ name: "identical-repeats", count: 3 }, "All 3 repeats"]],
  "uncertainty-figures": [[{ name: "uncertainty-figures", figures: 3, most: 2 }, "3 figures"]],
  "finer-than-resolution": [[{ name: "finer-than-resolution", resolution: "0.5" }, "0.5"]],
  "uncertainty-decimals": [
    [{ name: "uncertainty-decimals", decimals: 2, readings: 1 }, "same place"],
  ],
  "disagrees-with-instrument": [
    [
      { name: "disagrees-with-instrument", decimals: 1, wanted: 2, resolution: "0.01" },
      "read to 2 decimals",
    ],
  ],
  "far-repeat": [[{ name: "far-repeat", count: 3, ratio: 0.98 }, "98 %"]],
  "off-trend": [
    [{ name: "off-trend", larger: true }, "too large"],
    [{ name: "off-trend", larger: false }, "too small"],
  ],
  "out-of-order": [[{ name: "out-of-order" }, "move the row"]],
  "uneven-gaps": [[{ name: "uneven-gaps", from: 0.3, to: 0.1 + 0.7 }, "between 0.3 and 0.8"]],
  "duplicate-row": [[{ name: "duplicate-row", of: 2 }, "row 2"]],
  "first-order-misleads": [
    [{ name: "first-order-misleads", percent: 12, row: 3 }, "differs by 12 %"],
  ],
  "subtracts-nearly-equal": [[{ name: "subtracts-nearly-equal", rows: 1 }, "in 1 row"]],
  "coarse-number": [
    [{ name: "coarse-number", text: "3.14", percent: 0.05 }, "3.14 leaves 0.05 % open"],
  ],
  "ignores-repeat": [[{ name: "ignores-repeat", symbol: "t_1", beside: "t_2" }, "repeat of t_1"]],
  "bar-of-zero": [[{ name: "bar-of-zero" }, "Give every reading a ±"]],
  "not-converged": [[{ name: "not-converged" }, "did not settle"]],
  "parallel-lines": [[{ name: "parallel-lines" }, "cross nowhere"]],
  "end-boxes-overlap": [[{ name: "end-boxes-overlap" }, "through every box"]],
  "range-without-end": [[{ name: "range-without-end" }, "further apart"]],
  "title-order": [[{ name: "title-order" }, "y against x"]],
  "axis-without-unit": [[{ name: "axis-without-unit", symbol: "t" }, "axis of t"]],
  "no-caption": [[{ name: "no-caption" }, "sentence of your own"]],
  "paper-not-filled": [
    [{ name: "paper-not-filled", axis: "x", percent: 31 }, "31 % of the paper across"],
  ],
  "joined-points": [[{ name: "joined-points" }, "best-fit line"]],
  "bars-too-small": [[{ name: "bars-too-small", symbol: "L" }, "in the caption"]],
  "unusual-steps": [[{ name: "unusual-steps", step: 0.1 * 3 }, "Steps of 0.3 "]],
  "small-text": [[{ name: "small-text", points: 6.25 }, "6.3 points"]],
  "beyond-logarithm": [[{ name: "beyond-logarithm", count: 1 }, "1 row at"]],
  "other-unit": [[{ name: "other-unit", symbol: "U" }, "same unit"]],
  "no-symbol": [[{ name: "no-symbol" }, "needed"]],
  "symbol-taken": [[{ name: "symbol-taken", symbol: "t" }, "t_2"]],
  "symbol-is-a-function": [[{ name: "symbol-is-a-function", symbol: "ln" }, "ln_1"]],
  "not-a-formula": [[{ name: "not-a-formula" }, "brackets"]],
  "formula-too-long": [[{ name: "formula-too-long" }, "Split it"]],
  "broken-formula": [
    [{ name: "broken-formula", before: "L +" }, "after “L +”"],
    [{ name: "broken-formula", before: "" }, "Something is missing"],
  ],
  "unknown-sign": [[{ name: "unknown-sign", sign: "%" }, "“%”"]],
  "unknown-function": [[{ name: "unknown-function", function: "foo" }, "“foo”"]],
  "one-in-brackets": [[{ name: "one-in-brackets", function: "sin" }, "sin( )"]],
  "ambiguous-quotient": [[{ name: "ambiguous-quotient" }, "two ways"]],
  "unknown-symbol": [
    [{ name: "unknown-symbol", symbol: "t", meant: "t_10" }, "did you mean t_10?"],
    [{ name: "unknown-symbol", symbol: "q" }, "first"],
  ],
  cycle: [[{ name: "cycle", symbols: ["a", "b", "a"] }, "a → b → a"]],
  "adds-unlike": [
    [{ name: "adds-unlike", operator: "+" }, "can’t be added"],
    [{ name: "adds-unlike", operator: "-" }, "can’t be subtracted"],
  ],
  "function-of-unit": [[{ name: "function-of-unit", function: "exp" }, "pure number"]],
  "exponent-has-unit": [[{ name: "exponent-has-unit" }, "pure number"]],
  "exponent-must-be-a-number": [[{ name: "exponent-must-be-a-number" }, "from row to row"]],
  "celsius-as-factor": [[{ name: "celsius-as-factor" }, "kelvin"]],
  "log-of-unit": [[{ name: "log-of-unit", function: "ln" }, "in its unit"]],
  "unlike-unit-wanted": [[{ name: "unlike-unit-wanted", unit: "s" }, "another kind"]],
  "best-outside-range": [[{ name: "best-outside-range", rows: [3] }, "misses the box of row 3"]],
  "points-err-together": [
    [{ name: "points-err-together", between: "neighbours", factor: 0.61 }, "it is 0.61 times"],
    [{ name: "points-err-together", between: "axes", factor: undefined }, "too large or too small"],
  ],
  "read-off-unbounded": [[{ name: "read-off-unbounded" }, "nothing bounds"]],
  "read-off-beyond": [[{ name: "read-off-beyond" }, "far beyond the readings"]],
  "lines-cross-near": [[{ name: "lines-cross-near" }, "cross close"]],
  "result-without-series": [[{ name: "result-without-series" }, "Choose another line"]],
  "curve-without-series": [[{ name: "curve-without-series" }, "Choose another one"]],
  "unlike-uncertainty-unit": [
    [{ name: "unlike-uncertainty-unit", unit: "s", wanted: "m" }, "% of the reading"],
  ],
  "unit-not-understood": [[{ name: "unit-not-understood", symbol: "L" }, "Measure"]],
  "division-by-zero": [[{ name: "division-by-zero" }, "zero"]],
  "root-of-negative": [[{ name: "root-of-negative" }, "negative"]],
  "log-of-nothing": [[{ name: "log-of-nothing" }, "logarithm"]],
  "arc-beyond-one": [[{ name: "arc-beyond-one" }, "beyond 1"]],
  "empty-column": [[{ name: "empty-column" }, "no number"]],
  "no-next-row": [[{ name: "no-next-row" }, "no row after"]],
  "slope-without-end": [[{ name: "slope-without-end" }, "without end"]],
  "no-reading": [[{ name: "no-reading", symbol: "L" }, "no L"]],
  "large-relative-uncertainty": [[{ name: "large-relative-uncertainty", percent: 40 }, "40 %"]],
  "common-part-larger": [[{ name: "common-part-larger" }, "moves all points together"]],
  "unknown-unit": [[{ name: "unknown-unit", symbol: "metr" }, "metr"]],
  "not-a-unit": [[{ name: "not-a-unit", text: "m//s" }, "m//s"]],
  "too-few-points": [
    [{ name: "too-few-points", count: 0 }, "no points yet"],
    [{ name: "too-few-points", count: 1 }, "only one point"],
  ],
  "all-x-equal": [[{ name: "all-x-equal", x: 2 }, "Vary that quantity"]],
  "lengths-differ": [[{ name: "lengths-differ", x: 2, y: 3 }, "different numbers"]],
  "not-finite": [[{ name: "not-finite" }, "too large"]],
  "straightedges-missing": [[{ name: "straightedges-missing" }, "Lay two straightedges"]],
  "no-error-boxes": [[{ name: "no-error-boxes" }, "how sure each reading is"]],
  "line-misses-boxes": [
    [{ name: "line-misses-boxes", rows: [5] }, "error box of row 5"],
    [{ name: "line-misses-boxes", rows: [2, 5, 7] }, "error boxes of rows 2, 5 and 7"],
    [{ name: "line-misses-boxes", rows: [1, 2, 3, 4, 5, 6, 7, 9] }, "6 and 2 more"],
  ],
  "many-boxes-missed": [[{ name: "many-boxes-missed", missed: 4, of: 7 }, "4 of 7"]],
  "bars-seem-too-long": [[{ name: "bars-seem-too-long", reduced: 0.0213 }, "reduced χ² 0.02"]],
  "intercept-off-zero": [[{ name: "intercept-off-zero", halves: 3.14 }, "3.1 times its ±"]],
  "curve-in-residuals": [
    [
      { name: "curve-in-residuals", pattern: ["above", "below", "above"] },
      "above, below, above the",
    ],
  ],
  "dominant-reading": [[{ name: "dominant-reading", row: 7, percent: 12.3456 }, "change by 12 %"]],
  "too-few-for-curve": [[{ name: "too-few-for-curve", count: 1, wanted: 3 }, "there is 1"]],
  "parameters-inseparable": [[{ name: "parameters-inseparable" }, "keep one of them fixed"]],
  "curve-without-formula": [[{ name: "curve-without-formula" }, "letters of your own"]],
  "curve-without-variable": [[{ name: "curve-without-variable", symbol: "t" }, "depends on t"]],
  "curve-without-parameters": [[{ name: "curve-without-parameters" }, "nothing to be found"]],
  "curve-not-settled": [[{ name: "curve-not-settled" }, "not stated"]],
  "curve-not-found": [[{ name: "curve-not-found" }, "starting values"]],
  "as-many-parameters-as-points": [
    [{ name: "as-many-parameters-as-points", count: 4 }, "proves nothing"],
  ],
  "parameters-correlated": [[{ name: "parameters-correlated" }, "wider range"]],
  "parameter-not-told": [[{ name: "parameter-not-told", parameter: "b" }, "do not tell b"]],
  "start-mattered": [[{ name: "start-mattered" }, "starting values"]],
  "pattern-about-curve": [
    [
      { name: "pattern-about-curve", rSquared: 0.99876, pattern: ["above", "below"] },
      "R² is 0.9988",
    ],
  ],
  "theory-needs-one-equals": [[{ name: "theory-needs-one-equals" }, "one ="]],
  "theory-needs-two-measured": [[{ name: "theory-needs-two-measured" }, "in one table"]],
  "theory-stays-curved": [[{ name: "theory-stays-curved" }, "as a curve"]],
  "curve-far-beyond": [[{ name: "curve-far-beyond", times: 2.468 }, "2.5 times as far"]],
  "r-squared-for-uncertainty": [
    [{ name: "r-squared-for-uncertainty" }, "Quote the slope with its ±"],
  ],
  "line-far-beyond": [[{ name: "line-far-beyond", times: 2.468 }, "2.5 times as far"]],
  "common-part-of-slope": [
    [{ name: "common-part-of-slope", symbol: "E", percent: 1.234 }, "1.2 %"],
  ],
  "two-points-no-standard-error": [[{ name: "two-points-no-standard-error" }, "third reading"]],
  "result-without-figure": [[{ name: "result-without-figure" }, "at least two readings"]],
  "result-without-curve": [[{ name: "result-without-curve" }, "Fit one in Slope"]],
  "result-without-quantity": [[{ name: "result-without-quantity" }, "whose mean"]],
  "result-without-formula": [[{ name: "result-without-formula" }, "4 · slope"]],
  "result-without-theory": [[{ name: "result-without-theory" }, "in Straighten"]],
  "result-without-uncertainty": [[{ name: "result-without-uncertainty" }, "give the readings a ±"]],
  "result-without-solution": [
    [{ name: "result-without-solution", symbol: "k" }, "No k above zero"],
  ],
  "result-with-several-solutions": [
    [{ name: "result-with-several-solutions", symbol: "k" }, "More than one k"],
  ],
  "result-needs-constant": [[{ name: "result-needs-constant", symbol: "b" }, "b has no value yet"]],
  "result-needs-unit": [[{ name: "result-needs-unit", symbol: "k" }, "Type the unit"]],
  "constant-without-value": [[{ name: "constant-without-value", symbol: "b" }, "constant b"]],
  "theory-not-of-figure": [[{ name: "theory-not-of-figure" }, "a straight line"]],
  "theory-without-symbol": [
    [{ name: "theory-without-symbol", symbol: "", about: "slope" }, "its symbol"],
    [{ name: "theory-without-symbol", symbol: "Q", about: "slope" }, "Q is not in the slope"],
  ],
  "error-instead-of-range": [[{ name: "error-instead-of-range" }, "standard error"]],
  "crossing-needs-two-lines": [[{ name: "crossing-needs-two-lines" }, "two lines"]],
  "read-off-without-place": [[{ name: "read-off-without-place" }, "at which value"]],
  "read-off-nothing-there": [[{ name: "read-off-nothing-there" }, "nothing to read off"]],
  "accepted-without-source": [[{ name: "accepted-without-source" }, "no source yet"]],
  "accepted-unlike-decimals": [
    [{ name: "accepted-unlike-decimals", more: true }, "more decimals than its ±"],
    [{ name: "accepted-unlike-decimals", more: false }, "than the value"],
  ],
  "result-without-unit": [[{ name: "result-without-unit" }, "no unit"]],
  "example-missing": [[{ name: "example-missing", of: "period" }, "worked example"]],
  "figure-never-referred": [[{ name: "figure-never-referred", figure: 2 }, "Figure 2"]],
  "aside-without-reason": [
    [{ name: "aside-without-reason", rows: 1 }, "without a reason"],
    [{ name: "aside-without-reason", rows: 3 }, "in 3 rows"],
  ],
  "number-unlike-result": [
    [{ name: "number-unlike-result", text: "185", of: "stiffness" }, "“185”"],
  ],
  "dead-number": [
    [{ name: "dead-number", text: "12.5", of: "slope of Figure 1" }, "set the live value"],
  ],
};

const all = Object.values<readonly (readonly [Finding, string])[]>(everyFinding).flat();

test.each(all)("%j is a whole sentence that says what to do", (finding, words) => {
  const sentence = findingSentence(finding);
  expect(sentence).toContain(words);
  expect(sentence).toMatch(/^[“A-Za-z].*[.?]$/s);
  expect(sentence).not.toMatch(/undefined|NaN|\[object|\d\.\d{7}/);
});
