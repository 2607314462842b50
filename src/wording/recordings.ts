import type { RunText } from "@/core/unit/runText";
import type {
  Happening,
  ReadOffChoice,
  ReadOffKind,
  RecordingDescription,
} from "@/investigation/model/recording";
import type { WhyEnded } from "@/protocol/instruments";

const plural = (count: number, one: string, many = `${one}s`) =>
  `${count} ${count === 1 ? one : many}`;

/** What is said on the page of recordings and in its margin. */
export const recordingWords = {
  tabs: {
    label: "Measure by hand or by instrument",
    readings: "Readings",
    recordings: "Recordings",
  },
  title: "Recordings",
  hint: "Drag the two edges to trim. Draw over a stretch to read something off it.",
  first:
    "Choose a bench instrument in the margin and press Record, or bring in a file of a logger.",
  firstForReaders: "Nothing has been recorded here.",
  list: "Recordings",
  proposed: (number: number) => `Recording ${number}`,
  nameField: "Name of the recording in hand",
  opening: "The readings are on their way…",
  away: "The readings of this recording can't be had just now. Try again in a moment.",
  gone: "Its readings are not kept here, as where an investigation came in from a file. What was read off it stays.",
  again: "Try again",
  nothing: "There are no readings in it.",
  whole: (name: string) => `${name}, whole`,
  near: "The stretch near by",
  edge: { from: "Trim: where it begins", to: "Trim: where it ends" },
  ends: { from: "Stretch in hand: from", to: "Stretch in hand: to" },
  nearer: "Nearer",
  wider: "Wider",
  toStretch: "The stretch in hand",
  all: "All of it",
  remove: "Remove this recording",
  removed: (name: string) => `${name} is removed. Readings that were read off it stay.`,
  channel: "Channel",
  how: {
    title: "How it was recorded",
    /** @param rate "200 readings a second", "one count every 1 s". */
    sentence: (
      { instrument, tells, channels }: RecordingDescription,
      readings: number,
      rate: string,
    ) => {
      const of = channels.map(({ name }) => name).join(" and ");
      const many = { readings: "reading", events: "event", counts: "count" }[tells];
      return `By the ${instrument}: ${of}, ${plural(readings, many)}, ${rate}.`;
    },
  },
} as const;

/** What is said about bench instruments. */
export const instrumentWords = {
  title: "Bench instrument",
  none: "This server reads no bench instruments. Its settings can name some, and files of loggers can be brought in.",
  away: "The bench instruments can't be asked just now.",
  choose: "Instrument",
  chooseOne: "choose an instrument",
  inUse: "in use at another bench",
  simulated: "simulated",
  rate: "Readings a second",
  record: "Record",
  again: "Record again",
  stop: "Stop",
  zero: "Zero it",
  zeroed: "It shows 0 from here on.",
  release: "Let go",
  set: (name: string, unit: string) => (unit === "" ? name : `${name} / ${unit}`),
  between: (least: string, greatest: string) => `from ${least} to ${greatest}`,
  perSecond: (rate: string) => `${rate} readings a second`,
  every: (step: string) => `one count every ${step} s`,
  oneEvery: (step: string) => `one reading every ${step} s`,
  events: "moments of events",
  steps: (step: string) => `steps of ${step}`,
  phase: {
    waiting: "Waiting for the instrument…",
    recording: (time: string) => `Recording, ${time} s`,
    broken: "The line is broken. What came in is kept; it is tried again.",
    ended: "Ended",
  },
  rubbish: (count: number) =>
    `${plural(count, "answer")} of the instrument could not be read and ${count === 1 ? "is" : "are"} left out.`,
  kept: {
    sending: "Kept on this device and by the server",
    kept: "All of it is with the server",
    away: "Kept on this device; the server does not answer. It is tried again.",
    gone: "The server takes no more of this recording. What came in is on this device.",
  },
  why: {
    stopped: "",
    "line-lost": "The line to the instrument did not come back. What came in until then is kept.",
    "begun-anew":
      "The instrument was started anew by somebody else. What came in until then is kept.",
    rubbish: "The instrument sends what can't be read. What came in until then is kept.",
    "in-use":
      "Another bench has this instrument in hand. Try again when it is done, or take another.",
    "not-there": "The instrument does not answer. See that it is switched on and connected.",
  } satisfies Record<WhyEnded, string>,
  refused: (said: string) => `The instrument refuses that: ${said}.`,
  unfinished: "It is being recorded at another screen, or was broken off.",
  look: "Look again",
  close: "End it here",
} as const;

/** What is said about microcontrollers that print numbers. */
export const serialWords = {
  title: "A microcontroller",
  text: "One that prints a line of numbers for each reading, by USB or a serial line.",
  speed: "Baud rate",
  record: "Record its lines",
  instrument: "serial line",
  channel: "number",
  none: "No serial port was chosen, or it is in use elsewhere.",
} as const;

/** What is said where an instrument’s present value becomes a reading. */
export const presentWords = {
  title: "Take a value",
  text: "The present value of the instrument goes into the cell in hand, with its ±.",
  choose: "Instrument",
  none: "by hand",
  take: "Take its value",
  key: "Alt+Enter",
  unlike: (instrument: string, symbol: string) =>
    `The ${instrument} tells nothing in the unit of ${symbol}.`,
  lost: "It told no value just now. Try again.",
  closed: "This column is worked out: take a value in one that is read.",
} as const;

const happeningWords: Readonly<Record<Happening, string>> = {
  rising: "rising crossings",
  falling: "falling crossings",
  peaks: "peaks",
  troughs: "troughs",
};

/** What can be read off, as it is chosen. */
export const readOffWords: Readonly<Record<ReadOffKind, string>> = {
  mean: "mean",
  value: "value at a moment",
  spread: "spread",
  least: "least",
  greatest: "greatest",
  slope: "slope",
  area: "area",
  events: "number",
  rate: "rate",
  crossing: "moment of the first",
  peak: "height of the first",
  gap: "mean gap",
  frequency: "frequency",
  decay: "decay of the peaks, time constant",
  strongest: "frequency by spectrum",
};

/** Which things to read off are about crossings, peaks or troughs. */
export const ofHappenings: ReadonlySet<ReadOffKind> = new Set<ReadOffKind>([
  ...(["events", "crossing", "peak", "gap", "frequency"] as const),
]);

/** "rising crossings of the middle, mean gap": what was read off, in a line. */
export function readOffName(
  { tells }: Pick<RecordingDescription, "tells">,
  choice: Pick<ReadOffChoice, "what" | "of" | "level" | "every">,
  level: string,
): string {
  const { what, of, every } = choice;
  if (tells === "counts" && what === "events") return "number of counts";
  if (!ofHappenings.has(what)) return readOffWords[what];
  const many = tells === "events" ? "events" : happeningWords[of];
  const crossed = tells === "readings" && (of === "rising" || of === "falling");
  const about = crossed ? ` of ${choice.level === null ? "the middle" : level}` : "";
  const which =
    every === 1 ? "" : every === 2 ? "every second of the " : `every ${every}th of the `;
  return `${which}${many}${about}, ${readOffWords[what]}`;
}

/** What is said where something is read off. */
export const readingOffWords = {
  stretch: "The stretch in hand",
  noStretch: "Draw over a part of the trace, or type where it begins and ends.",
  from: "from / s",
  to: "to / s",
  rows: {
    mean: "mean",
    spread: "spread",
    least: "least",
    greatest: "greatest",
    slope: "slope",
    count: "readings",
    rising: "rising crossings",
    falling: "falling crossings",
    peak: "peaks",
    trough: "troughs",
    events: "events",
  },
  title: "Read off",
  what: "What",
  of: "Of",
  happenings: happeningWords,
  level: "Level",
  middle: (level: string) => `the middle, ${level}`,
  depth: "Depth",
  depthIs: (depth: string) => `a tenth of the range, ${depth}`,
  moment: "Moment / s",
  momentIs: "the middle of the stretch",
  every: "Count every",
  everyOptions: { "1": "one", "2": "second" } as Readonly<Record<string, string>>,
  working: "Working it out…",
  cannot: "This stretch does not give it.",
  into: "Goes to",
  newQuantity: "a new quantity",
  nowhere: "no row yet",
  row: "Row",
  button: (what: string, row: number, symbol: RunText): RunText => [
    { text: `${what} to row ${row} of ` },
    ...symbol,
  ],
  keep: (what: string) => `Keep the ${what}`,
  unlike: (symbol: string, unit: string, read: string) =>
    `${symbol} is in ${unit === "" ? "no unit" : unit}; this is in ${read === "" ? "no unit" : read}. Choose another quantity.`,
  table: {
    title: "What was read off it",
    none: "Nothing yet. Choose in the margin what to read off the stretch.",
    what: "what",
    from: "from / s",
    to: "to / s",
    value: "value",
    goesTo: "goes to",
    place: (row: number, symbol: RunText): RunText => [{ text: `row ${row} of ` }, ...symbol],
    nowhere: "nowhere yet",
    typedOver: (row: number, symbol: RunText): RunText => [
      { text: `row ${row} of ` },
      ...symbol,
      { text: ", typed over since" },
    ],
    missing: "not there",
    forget: "Let go of it",
    takeInHand: "Take its stretch in hand",
    bring: "Take it to the chosen row",
    more: (what: string) => `What can be done with “${what}”`,
    actions: "what can be done",
  },
  cameFrom: {
    title: "Read off a recording",
    text: (recording: string, what: string, from: string, to: string) =>
      `${recording}: ${what}, from ${from} s to ${to} s.`,
    show: "Show it there",
  },
} as const;

/** What is said where a recording is trimmed, set aside in part, and laid over others. */
export const trimmingWords = {
  title: "Trim",
  from: "begins at / s",
  to: "ends at / s",
  toStretch: "Trim to the stretch in hand",
  back: "Take the trim back",
  asIs: "as recorded",
  aside: {
    title: "Set aside",
    button: "Set the stretch aside",
    reason: "Why",
    entry: (from: string, to: string, reason: string) => `${from} s to ${to} s: ${reason}`,
    back: "Take back",
  },
  over: {
    title: "Lay over",
    lay: (name: string) => `Lay ${name} over it`,
    unlike: "another unit",
    together: "Bring together at",
    bring: "Bring them together",
    at: {
      recorded: "the beginning, as recorded",
      trim: "where the trim begins",
      rising: "the first rising crossing",
      greatest: "the greatest reading",
    },
    none: "There is no other recording yet.",
    notFound: (name: string) => `${name} has no such moment; it stays where it was.`,
    event: "its moment / s",
  },
} as const;
