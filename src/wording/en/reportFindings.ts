export const reportFindings = {
  /** What a strict reader says of a report, and what a brief asks for and does not find. */
  reportSentences: {
    "aside-without-reason":
      "{rows, plural, one {A reading is set aside without a reason.} other {Readings in # rows are set aside without a reason.}} Give one in Measure.",
    "fewer-than-asked": "The experiment asks for {wanted} rows; so far there are {count}.",
    "short-of-asked": {
      from: "The experiment asks for readings from {from}; these do not reach so far.",
      to: "The experiment asks for readings to {to}; these do not reach so far.",
      between: "The experiment asks for readings from {from} to {to}; these do not reach so far.",
    },
    "example-missing":
      "{of} is derived and has no worked example. Put one in, or say why none is needed.",
    "figure-never-referred":
      "No text speaks of Figure {figure}. Refer to it where its readings are discussed.",
    "number-unlike-result":
      "“{text}” is not what the result says of {of}. Set its live value in its place.",
    "dead-number":
      "“{text}” is typed, but it is the {of}: set the live value, so that it follows when a reading is mended.",
    "prompt-left": "What is asked for under this heading is not written yet.",
  },
} as const;
