export const uncertainty = {
  /** What each typed number of a ± is called, and whether it carries the quantity’s unit. */
  uncertaintyLabels: {
    amount: {
      label: "± of each reading",
      example: "0.1",
    },
    up: {
      label: "Up by",
      example: "0.2",
    },
    down: {
      label: "Down by",
      example: "0.1",
    },
    percent: {
      label: "Percentage of the reading",
      example: "2",
    },
    digits: {
      label: "Digits of the last place",
      example: "2",
    },
    division: {
      label: "Smallest division",
      example: "0.001",
    },
    edge: {
      label: "± of a single edge",
      example: "0.0005",
    },
    column: {
      label: "The column of its ±",
      example: "",
    },
  },
  /** What stands for the scatter of repeats. */
  spreadNames: {
    "half-range": "half-range (max − min)/2",
    "sample-standard-deviation": "standard deviation s (n − 1)",
    "standard-error": "standard error of the mean s/√n",
  },
  /** The same in a narrow heading. */
  scatterShort: {
    "half-range": "½ range",
    "sample-standard-deviation": "s",
    "standard-error": "s/√n",
  },
  /** How scatter and instrument become one ±. */
  combinationNames: {
    larger: "the larger of both",
    quadrature: "quadrature √(a² + b²)",
    sum: "plain sum",
    "spread-only": "scatter only",
    "instrument-only": "instrument only",
  },
  /** Under a heading where nothing is said of the ± of all readings. */
  uncertaintyInCells: {
    ofEach: "± of each reading",
    none: "no ± yet",
    explained: "Each reading states its own ±; one that states none has no bar.",
  },
  joining: {
    larger: "the larger counts",
    quadrature: "in quadrature",
    sum: "added",
    "spread-only": "the scatter alone counts",
    "instrument-only": "the instrument alone counts",
  },
  scatterNames: {
    "half-range": "half-range",
    "sample-standard-deviation": "standard deviation",
    "standard-error": "standard error of the mean",
  },
  /** The ± of a column behind each reading, and back. */
  foldingWords: {
    fold: "Put the ± behind each reading",
    unfold: "Take the ± into a column of its own",
  },
  /** The kinds of ±, as one is chosen. */
  kinds: {
    none: "none",
    fixed: "the same for every reading",
    "half-division": "half the smallest division",
    "two-edges": "two edges read",
    "last-digit": "one last digit of a display",
    percent: "a percentage of the reading",
    "percent-and-digits": "a percentage and digits",
    counting: "counting: √N",
    "up-and-down": "different up and down",
    column: "in another column",
  },
  /** The ± as it stands in a heading. */
  headings: {
    "percent-and-digits": "± ({percent} % + {digits} digits)",
    "last-digit": "± 1 last digit",
  },
  /** How the ± comes about; sizes come with their unit. */
  sentences: {
    none: "No ± is given: the points have no bars.",
    fixed: "Every reading is sure to ± {size}.",
    "up-and-down":
      "Every reading may be up to {up} too low and {down} too high. Where one number is needed, their mean is used: ± {size}.",
    "half-division": "Half the smallest division of {division}: ± {size}.",
    "two-edges": "± {edge} at each edge, twice because both ends are read: ± {size}.",
    "last-digit": "One step of the last digit that was typed: ± 0.01 for a reading of 3.20.",
    percent: "{percent} % of each reading.",
    "percent-and-digits": "{percent} % of each reading and {digits} steps of its last digit.",
    counting: "The square root of each count: ± 12 for 144; a count of nothing has ± 1.",
    column: "The reading beside it in that column is its ±.",
  },
  scatter: {
    one: "One reading: ± {size} by the instrument.",
    several: "{count} repeats: {named} {scatter}, instrument {instrument}; {joined}: ± {size}.",
  },
} as const;
