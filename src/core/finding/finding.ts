/** Why a typed text is no number that can be calculated with. */
export type NumberFault =
  | { readonly name: "not-a-number"; readonly text: string }
  | { readonly name: "unit-beside-number"; readonly text: string; readonly unit: string }
  | { readonly name: "number-too-large" }
  | { readonly name: "number-too-small" }
  | { readonly name: "fraction-is-no-reading"; readonly text: string }
  | { readonly name: "comma-where-point-is-used"; readonly text: string; readonly meant: string }
  | { readonly name: "uncertainty-below-zero" };

/**
 * What the computation noticed, as data: a name and its numbers, no sentences.
 * `wording/` turns each into words, so that tone and language live in one place.
 */
export type Finding =
  | NumberFault
  | { readonly name: "missing-unit" }
  | { readonly name: "few-readings"; readonly count: number; readonly wanted: number }
  | { readonly name: "fewer-than-asked"; readonly count: number; readonly wanted: number }
  | { readonly name: "short-of-asked"; readonly from: string; readonly to: string }
  | { readonly name: "prompt-left" }
  | { readonly name: "narrow-range"; readonly ratio: number }
  | { readonly name: "unlike-decimals"; readonly decimals: number; readonly usual: number }
  | { readonly name: "zero-uncertainty" }
  | { readonly name: "no-uncertainty" }
  | { readonly name: "blank-uncertainty" }
  | { readonly name: "larger-than-reading" }
  | { readonly name: "identical-repeats"; readonly count: number }
  | { readonly name: "uncertainty-figures"; readonly figures: number; readonly most: number }
  | { readonly name: "finer-than-resolution"; readonly resolution: string }
  | { readonly name: "uncertainty-decimals"; readonly decimals: number; readonly readings: number }
  | {
      readonly name: "disagrees-with-instrument";
      readonly decimals: number;
      readonly wanted: number;
      readonly resolution: string;
    }
  | { readonly name: "far-repeat"; readonly count: number; readonly ratio: number }
  | { readonly name: "off-trend"; readonly larger: boolean }
  | { readonly name: "out-of-order" }
  | { readonly name: "uneven-gaps"; readonly from: number; readonly to: number }
  | { readonly name: "duplicate-row"; readonly of: number }
  | { readonly name: "no-symbol" }
  | { readonly name: "symbol-taken"; readonly symbol: string }
  | { readonly name: "symbol-is-a-function"; readonly symbol: string }
  | { readonly name: "not-a-formula" }
  | { readonly name: "formula-too-long" }
  | { readonly name: "broken-formula"; readonly before: string }
  | { readonly name: "unknown-sign"; readonly sign: string }
  | { readonly name: "unknown-function"; readonly function: string }
  | { readonly name: "one-in-brackets"; readonly function: string }
  | { readonly name: "ambiguous-quotient" }
  | { readonly name: "unknown-symbol"; readonly symbol: string; readonly meant?: string }
  | { readonly name: "cycle"; readonly symbols: readonly string[] }
  | { readonly name: "adds-unlike"; readonly operator: string }
  | { readonly name: "function-of-unit"; readonly function: string }
  | { readonly name: "exponent-has-unit" }
  | { readonly name: "exponent-must-be-a-number" }
  | { readonly name: "celsius-as-factor" }
  | { readonly name: "log-of-unit"; readonly function: string }
  | { readonly name: "unlike-unit-wanted"; readonly unit: string }
  | { readonly name: "unlike-uncertainty-unit"; readonly unit: string; readonly wanted: string }
  | { readonly name: "unit-not-understood"; readonly symbol: string }
  | { readonly name: "division-by-zero" }
  | { readonly name: "root-of-negative" }
  | { readonly name: "log-of-nothing" }
  | { readonly name: "arc-beyond-one" }
  | { readonly name: "empty-column" }
  | { readonly name: "no-next-row" }
  | { readonly name: "slope-without-end" }
  | { readonly name: "no-reading"; readonly symbol: string }
  | { readonly name: "large-relative-uncertainty"; readonly percent: number }
  | { readonly name: "common-part-larger" }
  | { readonly name: "first-order-misleads"; readonly percent: number; readonly row: number }
  | { readonly name: "subtracts-nearly-equal"; readonly rows: number }
  | { readonly name: "coarse-number"; readonly text: string; readonly percent: number }
  | { readonly name: "ignores-repeat"; readonly symbol: string; readonly beside: string }
  | { readonly name: "bar-of-zero" }
  | { readonly name: "not-converged" }
  | { readonly name: "parallel-lines" }
  | { readonly name: "range-without-end" }
  | { readonly name: "end-boxes-overlap" }
  | { readonly name: "title-order" }
  | { readonly name: "axis-without-unit"; readonly symbol: string }
  | { readonly name: "no-caption" }
  | { readonly name: "paper-not-filled"; readonly axis: "x" | "y"; readonly percent: number }
  | { readonly name: "joined-points" }
  | { readonly name: "bars-too-small"; readonly symbol: string }
  | { readonly name: "unusual-steps"; readonly step: number }
  | { readonly name: "small-text"; readonly points: number }
  | { readonly name: "beyond-logarithm"; readonly count: number }
  | { readonly name: "other-unit"; readonly symbol: string }
  | { readonly name: "unknown-unit"; readonly symbol: string }
  | { readonly name: "not-a-unit"; readonly text: string }
  | { readonly name: "too-few-points"; readonly count: number }
  | { readonly name: "too-few-for-curve"; readonly count: number; readonly wanted: number }
  | { readonly name: "parameters-inseparable" }
  | { readonly name: "curve-not-found" }
  | { readonly name: "curve-without-formula" }
  | { readonly name: "curve-without-variable"; readonly symbol: string }
  | { readonly name: "curve-without-parameters" }
  | { readonly name: "curve-not-settled" }
  | { readonly name: "as-many-parameters-as-points"; readonly count: number }
  | { readonly name: "parameters-correlated" }
  | { readonly name: "start-mattered" }
  | { readonly name: "parameter-not-told"; readonly parameter: string }
  | {
      readonly name: "pattern-about-curve";
      readonly rSquared: number;
      readonly pattern: readonly ("above" | "below")[];
    }
  | { readonly name: "theory-needs-one-equals" }
  | { readonly name: "theory-needs-two-measured" }
  | { readonly name: "theory-stays-curved" }
  | { readonly name: "curve-far-beyond"; readonly times: number }
  | { readonly name: "all-x-equal"; readonly x: number }
  | { readonly name: "lengths-differ"; readonly x: number; readonly y: number }
  | { readonly name: "not-finite" }
  | { readonly name: "straightedges-missing" }
  | { readonly name: "no-error-boxes" }
  | { readonly name: "line-misses-boxes"; readonly rows: readonly number[] }
  | { readonly name: "many-boxes-missed"; readonly missed: number; readonly of: number }
  | { readonly name: "bars-seem-too-long"; readonly reduced: number }
  | { readonly name: "intercept-off-zero"; readonly halves: number }
  | { readonly name: "curve-in-residuals"; readonly pattern: readonly ("above" | "below")[] }
  | { readonly name: "dominant-reading"; readonly row: number; readonly percent: number }
  | { readonly name: "r-squared-for-uncertainty" }
  | { readonly name: "line-far-beyond"; readonly times: number }
  | { readonly name: "common-part-of-slope"; readonly symbol: string; readonly percent: number }
  | { readonly name: "two-points-no-standard-error" }
  | { readonly name: "result-without-figure" }
  | { readonly name: "result-without-series" }
  | { readonly name: "best-outside-range"; readonly rows: readonly number[] }
  | {
      readonly name: "points-err-together";
      readonly between: "neighbours" | "axes";
      /** The standard error is so many times that of points that err by themselves; undefined where no ± tells. */
      readonly factor: number | undefined;
    }
  | { readonly name: "read-off-unbounded" }
  | { readonly name: "read-off-beyond" }
  | { readonly name: "lines-cross-near" }
  | { readonly name: "curve-without-series" }
  | { readonly name: "result-without-curve" }
  | { readonly name: "result-without-quantity" }
  | { readonly name: "result-without-formula" }
  | { readonly name: "result-without-theory" }
  | { readonly name: "result-without-uncertainty" }
  | { readonly name: "result-without-solution"; readonly symbol: string }
  | { readonly name: "result-with-several-solutions"; readonly symbol: string }
  | { readonly name: "result-needs-constant"; readonly symbol: string }
  | { readonly name: "result-needs-unit"; readonly symbol: string }
  | { readonly name: "constant-without-value"; readonly symbol: string }
  | { readonly name: "theory-not-of-figure" }
  | { readonly name: "theory-without-symbol"; readonly symbol: string; readonly about: string }
  | { readonly name: "error-instead-of-range" }
  | { readonly name: "crossing-needs-two-lines" }
  | { readonly name: "read-off-without-place" }
  | { readonly name: "read-off-nothing-there" }
  | { readonly name: "accepted-without-source" }
  | { readonly name: "accepted-unlike-decimals"; readonly more: boolean }
  | { readonly name: "result-without-unit" }
  | { readonly name: "example-missing"; readonly of: string }
  | { readonly name: "figure-never-referred"; readonly figure: number }
  | { readonly name: "aside-without-reason"; readonly rows: number }
  | { readonly name: "number-unlike-result"; readonly text: string; readonly of: string }
  | { readonly name: "dead-number"; readonly text: string; readonly of: string };
