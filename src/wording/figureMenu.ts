/** Words of the menus on a figure and on a block of the write-up. */
export const figureMenuWords = {
  points:
    "Readings on the figure. Left and right go from one to the next, with Shift several are taken in hand; down and up from line to line, Enter to its row.",
  point: (row: number) => `The point of row ${row}`,
  go: "Go to its reading",
  aside: "Set it aside",
  axis: { x: "The horizontal axis", y: "The vertical axis" },
  fill: "Let it fill the paper",
  nearer: "Nearer",
  wider: "Wider",
  axisChoices: "Its words, scale and range",
  words: "These words on the figure",
  off: "Take it off",
  ownPlace: "Let it find its own place",
  change: "Change the words",
  straightedge: (number: number) => `Straightedge ${number}`,
  choices: "What it stands for",
  draw: (role: string, drawn: boolean) => `${drawn ? "Hide" : "Draw"} the ${role} line`,
  equation: (shown: boolean) => (shown ? "Take its equation off" : "Write its equation"),
  reach: "How far it is drawn",
  held: "What it keeps to",
  toSlope: "Go to Slope",
  lineChoices: "How it is laid",
  triangle: "The slope triangle",
  working: "Its working",
  hint: "Point at a reading or a line, or draw a region around several.",
  hintOfPlot: "Axes, legend and labels can be dragged.",
} as const;

/** The menu of a pair on the Straighten board. */
export const pairMenuWords = {
  plot: "Plot it",
  take: "Take it in hand",
  said: "What is said of it",
} as const;

export const blockMenuWords = {
  up: "Move up",
  down: "Move down",
  hide: "Hide it from the report",
  show: "Show it in the report",
  takeOut: "Take it out of the write-up",
} as const;

/** What is heard of a figure. */
export const heardWords = {
  title: "By ear",
  play: "Play the points",
  stop: "Stop",
  sounds: "Sound each point while stepping",
  how: "From left to right, high up is high in pitch; the second, softer tone is the line.",
  none: "This browser makes no sounds.",
  off: (amount: string, above: boolean) => `${amount} ${above ? "above" : "below"} the line`,
  on: "on the line",
  intercept: "intercept",
  line: (number: number, of: number) => (of > 1 ? `Line ${number} of ${of}` : "The line"),
} as const;
