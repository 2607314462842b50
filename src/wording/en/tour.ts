export const tour = {
  /** What the first tour says at each stage; all of it is read in a minute. */
  steps: {
    measure:
      "Readings are typed here: Enter goes down, Tab across. The margin says how sure each one is.",
    derive:
      "Formulas work out further quantities, with their units and ±, and show the working of a row.",
    straighten:
      "Small figures show which pair gives a straight line; a theory typed here says what its slope means.",
    plot: "The figure, with error bars. Click an axis, a title or a label to change it, or drag it.",
    slope:
      "The best line, and the steepest and shallowest that still meet every error box: so sure is the slope.",
    conclude: "From the slope to the constant that was wanted, beside an accepted value.",
    writeup:
      "A report of live tables, figures and numbers, to be written between and handed in as PDF.",
  },
  label: "A first look along the rule",
  howFar: "{at} of {of}",
  next: "Next stage",
  end: "To the bench",
  skip: "Skip the tour",
} as const;
