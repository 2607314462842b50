export const writingUp = {
  /** What each kind of block is called. */
  blockWords: {
    title: "title",
    text: "text",
    recording: "recording",
    readings: "readings",
    processed: "processed readings",
    example: "worked example",
    figure: "figure",
    line: "lines and slope range",
    result: "result",
    comparison: "comparison",
  },
  /** Headings of the text blocks of a lab report, in their order, with what belongs there. */
  sections: {
    aim: {
      heading: "Aim",
      hint: "What is to be found, and from what.",
    },
    method: {
      heading: "Apparatus and method",
      hint: "What stood on the bench, what was read with what, what was kept the same.",
    },
    discussion: {
      heading: "Discussion",
      hint: "What the result says, what brings its ±, what could be systematic, what to do better.",
    },
    references: {
      heading: "References",
      hint: "Where accepted values and methods come from.",
    },
  },
  /** Why a block shows nothing yet. */
  missingWords: {
    table: "This table is no longer there.",
    readings: "The table holds no readings yet.",
    recording: "This recording is no longer there, or holds no readings.",
    derived: "Nothing is derived in this table: write a formula in Derive.",
    figure: "The figure shows no points yet: choose its axes in Plot.",
    example: "There is nothing worked out to show: it takes a formula and a row of readings.",
    line: "The figure has no line yet: it needs readings of both quantities.",
    result: "This result is no longer there.",
    accepted: "There is no accepted value: type one in Conclude.",
  },
} as const;
