export const houseRules = {
  /** The house rules as they are asked and answered. */
  houseRuleWords: {
    uncertaintyMeans: {
      label: "What a ± means",
      values: {
        limit: "a limit: the true value lies inside",
        standard: "a standard uncertainty (k = 1)",
      },
    },
    spread: {
      label: "Scatter of repeats",
    },
    combination: {
      label: "Scatter and instrument together",
    },
    propagation: {
      label: "± of what is worked out",
      values: {
        "worst-case": "worst case: all ± at their limits at once",
        quadrature: "quadrature: independent ± partly cancel",
        "monte-carlo": "Monte Carlo: drawn many times",
      },
    },
    figuresOfUncertainty: {
      label: "Figures of a ±",
      values: {
        one: "always one",
        "one-or-two": "one, but two after a leading 1",
        two: "always two",
        /** DIN 1333 is a German standard: rounded up, two figures where it begins with 1 or 2. */
        "din-1333": "DIN 1333: rounded up, two after a leading 1 or 2",
      },
    },
    headings: {
      label: "Headings and axes",
      values: {
        slash: "quantity / unit",
        brackets: "quantity (unit)",
      },
    },
    slopeWord: {
      label: "Word for the steepness of a line",
      values: {
        slope: "slope",
        gradient: "gradient",
      },
    },
    decimalMark: {
      label: "Decimal mark",
      values: {
        point: "point: 0.5",
        comma: "comma: 0,5",
      },
    },
    language: {
      label: "Language of figures and report",
      values: {
        en: "English",
        de: "German",
      },
    },
    slopeRange: {
      label: "How far a line can turn",
      values: {
        "every-box": "through every error box",
        "end-boxes": "through the first and the last box",
        "by-hand": "by two straightedges laid by hand",
        statistics: "by the standard error of the fit",
      },
    },
  },
  /** Ready sets of house rules by neutral names. */
  readySetNames: {
    "limits-worst-case": "School: limits, worst case",
    "limits-quadrature": "School: limits, quadrature",
    "limits-end-boxes": "School: limits, lines through the end boxes",
    "standard-quadrature": "University: standard uncertainty, quadrature",
  },
  readySetWords: {
    label: "Start from",
    own: "a set of one’s own",
  },
  /** Shown where rules are not those that go with the language of the report; "rules" is a list of such. */
  proposed: {
    rule: "{label} – {value}",
    en: "In English reports it is usual: {rules}.",
    de: "In German reports it is usual: {rules}.",
    take: "Take them over",
  },
  groups: { sure: "How sure a number is", lines: "Lines", written: "How things are written" },
} as const;
