export const tabling = {
  /** What is said where a recording becomes a table, or is smoothed. */
  tablingWords: {
    /** What the new table is called. */ names: {
      every:
        "{recording}, every {every, selectordinal, one {#st} two {#nd} few {#rd} other {#th}} reading",
      each: "{recording}, every reading",
      means: "{recording}, means over {every}",
      differences: "{recording}, rate of change by difference over {through}",
      "savitzky-golay": "{recording}, rate of change (Savitzky–Golay, degree 2 over {through})",
    },
    title: "As a table",
    way: "Rows",
    ways: {
      every: "every k-th reading",
      means: "means over k readings",
      differences: "rate of change, by difference",
      "savitzky-golay": "rate of change, Savitzky–Golay",
    },
    every: {
      readings: "k",
      counts: "Intervals to a sum",
      events: "Every k-th",
    },
    through: "over readings",
    fromFirst: "Count the time from the first row",
    make: "Make a table",
    made: "A table of {rows} rows stands under Readings.",
    show: "Show the table",
    number: "number of the event",
    moment: "moment",
    counts: "counts",
    rateOf: "rate of change of {name}",
    none: "There are no readings for a table in it.",
    tooMany:
      "{rows} rows are more than there is room for ({room}). Take a larger k or a shorter stretch.",
    tooManyTables: "This investigation holds as many tables as it may. Remove one first.",
    smooth: {
      over: "smoothed over",
      text: "A new recording with a smoothed channel beside the readings; they stay as they are.",
      make: "Make a smoothed channel",
    },
    smoothedChannel: "{name}, smoothed (Savitzky–Golay, degree 2 over {through})",
    smoothedName: "{recording}, smoothed",
  },
  time: "time",
} as const;
