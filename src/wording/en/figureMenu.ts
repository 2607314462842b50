export const figureMenu = {
  /** Words of the menus on a figure and on a block of the write-up. */
  figureMenuWords: {
    draw: "{role, select, best {Draw the best line} steepest {Draw the steepest line} shallowest {Draw the shallowest line} other {Draw the line}}",
    hideLine:
      "{role, select, best {Hide the best line} steepest {Hide the steepest line} shallowest {Hide the shallowest line} other {Hide the line}}",
    equation: { show: "Write its equation", hide: "Take its equation off" },
    points:
      "Readings on the figure. Left and right go from one to the next, with Shift several are taken in hand; down and up from line to line, Enter to its row.",
    point: "The point of row {row}",
    go: "Go to its reading",
    aside: "Set it aside",
    axis: {
      x: "The horizontal axis",
      y: "The vertical axis",
    },
    fill: "Let it fill the paper",
    nearer: "Nearer",
    wider: "Wider",
    axisChoices: "Its words, scale and range",
    words: "These words on the figure",
    off: "Take it off",
    ownPlace: "Let it find its own place",
    change: "Change the words",
    straightedge: "Straightedge {number}",
    choices: "What it stands for",
    reach: "How far it is drawn",
    held: "What it keeps to",
    toSlope: "Go to Slope",
    lineChoices: "How it is laid",
    triangle: "The slope triangle",
    working: "Its working",
    hint: "Point at a reading or a line, or draw a region around several.",
    hintOfPlot: "Axes, legend and labels can be dragged.",
  },
  /** The menu of a pair on the Straighten board. */
  pairMenuWords: {
    plot: "Plot it",
    take: "Take it in hand",
    said: "What is said of it",
  },
  blockMenuWords: {
    up: "Move up",
    down: "Move down",
    hide: "Hide it from the report",
    show: "Show it in the report",
    takeOut: "Take it out of the write-up",
  },
  /** What is heard of a figure. */
  heardWords: {
    off: "{side, select, above {{amount} above the line} other {{amount} below the line}}",
    line: "{of, plural, =1 {The line} other {Line {number} of {of}}}",
    title: "By ear",
    play: "Play the points",
    stop: "Stop",
    sounds: "Sound each point while stepping",
    how: "From left to right, high up is high in pitch; the second, softer tone is the line.",
    none: "This browser makes no sounds.",
    on: "on the line",
    intercept: "intercept",
  },
} as const;
