export const looks = {
  /** What each choice of a figure’s look is called. */
  lookWords: {
    style: {
      label: "Style",
      words: {
        screen: "for the screen",
        print: "black on white",
      },
    },
    size: {
      label: "Printed size",
      words: {
        report: "report, 17 cm × 12 cm",
        half: "half width, 8.5 cm × 6.8 cm",
        slide: "slide, 25.4 cm × 14.3 cm",
        poster: "poster, 40 cm × 28 cm",
        own: "a size of one’s own",
      },
    },
    markers: {
      label: "Points",
      words: {
        small: "small",
        medium: "medium",
        large: "large",
      },
    },
    bars: {
      label: "Error bars",
      words: {
        capped: "with caps",
        plain: "without caps",
        boxes: "as boxes",
        ellipses: "as ellipses",
        none: "not drawn",
      },
    },
    barsAlong: {
      label: "Bars run",
      words: {
        both: "across and up",
        up: "up only",
        across: "across only",
      },
    },
    join: {
      label: "Between points",
      words: {
        none: "nothing",
        segments: "straight stretches",
        guide: "a smooth guide",
      },
    },
    grid: {
      label: "Ruling",
      words: {
        none: "none",
        major: "coarse",
        paper: "like graph paper",
      },
    },
    ticks: {
      label: "Ticks",
      words: {
        outside: "outside",
        inside: "inside",
        across: "across",
      },
    },
    lettering: {
      label: "Lettering",
      words: {
        sans: "Source Sans",
        serif: "STIX Two",
      },
    },
    line: {
      label: "Lines",
      words: {
        thin: "thin",
        medium: "medium",
        thick: "thick",
      },
    },
  },
  /** What is wanted or not in a figure’s look. */
  lookTicks: {
    band: "Shade the stretch between the ends of the bars",
    frame: "Frame all round",
    arrows: "Arrows at the ends of the axes",
    gap: "Axes stand off the paper",
  },
  rangeWords: {
    fill: "fill the paper",
    zero: "start at zero",
    hand: "by hand",
  },
  scaleWords: {
    linear: "even",
    log: "logarithmic",
  },
  /** How the numbers of an axis are written, with an example each. */
  axisNumberWords: {
    fit: "as they fit",
    plain: "in full: 2500",
    shared: "one power in the label",
    each: "each with its power",
  },
  decimalsWords: {
    label: "Decimals",
    placeholder: "as needed",
    problem: "A whole number up to 9.",
    note: "A number keeps the decimals that its tick needs, also where fewer are asked for.",
  },
  /** Sizes of letters of a figure. */
  letterWords: {
    numberSize: "Numbers / pt",
    wordSize: "Axis words / pt",
    equationSize: "Equations / pt",
  },
  letterSteps: {
    smaller: "smaller",
    larger: "larger",
  },
  /** What can be chosen for a series by itself. */
  seriesLookWords: {
    marker: {
      label: "Its points are",
      words: {
        auto: "as proposed",
        disc: "discs",
        triangle: "triangles",
        square: "squares",
        diamond: "diamonds",
        turned: "turned triangles",
        cross: "crosses ×",
        plus: "crosses +",
      },
    },
    size: {
      label: "Their size",
      words: {
        auto: "as the figure",
        small: "small",
        medium: "medium",
        large: "large",
      },
    },
    colour: {
      label: "Colour",
      words: {
        auto: "as proposed",
        ink: "ink",
        petrol: "petrol",
        ochre: "ochre",
        plum: "plum",
        moss: "moss",
        slate: "slate",
      },
    },
    stroke: {
      label: "Its best line is",
      words: {
        auto: "as proposed",
        solid: "drawn through",
        dashed: "dashed",
        dotted: "dotted",
        mixed: "dashes and dots",
      },
    },
  },
  seriesLookFurther: {
    title: "Each series",
    which: "Series",
    filled: "Filled points",
    legend: "In the legend",
    alone: "the points",
    again: "As proposed",
    printed: "Black on white draws every series in black: tell them apart by shape and line.",
  },
  lettersProblem: "A size is a number above 0.",
  noBrokenAxis:
    "An axis is never broken here: with a piece left out, equal lengths no longer stand for equal steps and the slope is lost to the eye. Let the axis fill the paper instead.",
} as const;
