import { ordinal, plural } from "./plural";
import type { RunText } from "@/core/unit/runText";
import type {
  Happening,
  ReadOffChoice,
  ReadOffKind,
  RecordingDescription,
} from "@/investigation/model/recording";

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
  strokes: "a stroke at each event",
  whole: (name: string) => `${name}, whole`,
  near: "The stretch near by",
  edge: { from: "Trim: where it begins", to: "Trim: where it ends" },
  ends: { from: "Stretch in hand: from", to: "Stretch in hand: to" },
  nearer: "Nearer",
  wider: "Wider",
  toStretch: "The stretch in hand",
  all: "All of it",
  takeOut: {
    button: "Take out as CSV",
    working: "Taking it out…",
    away: "The readings can't be had just now.",
  },
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
      const what = {
        readings: () => `${of}, ${plural(readings, "reading")}, ${rate}`,
        events: () => plural(readings, "event"),
        counts: () => `${plural(readings, "count")}, ${rate}`,
      }[tells];
      return `By the ${instrument}: ${what()}.`;
    },
  },
} as const;

/** What a report says of a recording. */
export const reportedRecording = {
  /** "It was trimmed: what lies before 1.2 s and behind 9.4 s takes no part." */
  trimmed: (from: string | undefined, to: string | undefined) => {
    const parts = [from && `before ${from} s`, to && `behind ${to} s`].filter(Boolean);
    return parts.length === 0
      ? ""
      : `It was trimmed: what lies ${parts.join(" and ")} takes no part.`;
  },
  aside: (from: string, to: string, reason: string) =>
    `From ${from} s to ${to} s it was set aside: ${reason || "no reason given"}.`,
  figure: (number: number) => `Figure ${number}. `,
  drawn: (name: string, events: boolean) =>
    `${name}, against time${events ? ", a stroke at each event" : ""}; pale what takes no part, numbered what was read off.`,
  described: (name: string, lasting: string) => `Trace of ${name} over ${lasting} s.`,
  table: (name: string) => `What was read off: ${name}.`,
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
  crossing: "moment of one",
  peak: "height of one",
  between: "one gap",
  gap: "mean gap",
  frequency: "frequency",
  decay: "decay of the peaks, time constant",
  strongest: "frequency by spectrum",
};

/** Which things to read off are about crossings, peaks or troughs. */
export const ofHappenings: ReadonlySet<ReadOffKind> = new Set<ReadOffKind>([
  ...(["events", "crossing", "peak", "between", "gap", "frequency"] as const),
]);

/** Of what is read off one by one, the n-th in words. */
const oneOfThem: Readonly<Partial<Record<ReadOffKind, (nth: number) => string>>> = {
  crossing: (nth) => `moment of the ${ordinal(nth)}`,
  peak: (nth) => `height of the ${ordinal(nth)}`,
  between: (nth) => `${ordinal(nth)} gap`,
};

/** "rising crossings of the middle, mean gap": what was read off, in a line. */
export function readOffName(
  { tells }: Pick<RecordingDescription, "tells">,
  choice: Pick<ReadOffChoice, "what" | "of" | "level" | "every" | "nth">,
  level: string,
): string {
  const { what, of, every, nth } = choice;
  if (tells === "counts" && what === "events") return "number of counts";
  if (!ofHappenings.has(what)) return readOffWords[what];
  const many = tells === "events" ? "events" : happeningWords[of];
  const crossed = tells === "readings" && (of === "rising" || of === "falling");
  const about = crossed ? ` of ${choice.level === null ? "the middle" : level}` : "";
  const which =
    every === 1 ? "" : every === 2 ? "every second of the " : `every ${every}th of the `;
  return `${which}${many}${about}, ${oneOfThem[what]?.(nth) ?? readOffWords[what]}`;
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
  which: "Which one",
  oneByOne: "One by one",
  more: (listed: number, many: number) =>
    `The first ${listed} of ${many}. A later one is chosen by its number.`,
  working: "Working it out…",
  cannot: "This stretch does not give it.",
  resolution: (hertz: string) => `Two frequencies closer than ${hertz} Hz are one.`,
  into: "Goes to",
  newQuantity: "a new quantity",
  nowhere: "no row yet",
  row: "Row",
  button: (what: string, row: number, symbol: RunText): RunText => [
    { text: `${what} to row ${row} of ` },
    ...symbol,
  ],
  keep: (what: string) => `Keep the ${what}`,
  each: (count: number, row: number, symbol: RunText): RunText => [
    { text: `All ${count}, one to a row, from row ${row} of ` },
    ...symbol,
  ],
  tooMany: (count: number, room: number) =>
    `${count} are more than there is room for (${room}). Take a shorter stretch.`,
  unlike: (symbol: string, unit: string, read: string) =>
    `${symbol} is in ${unit === "" ? "no unit" : unit}; this is in ${read === "" ? "no unit" : read}. Choose another quantity.`,
  table: {
    title: "What was read off it",
    none: "Nothing yet. Choose in the margin what to read off the stretch.",
    what: "what",
    from: "from / s",
    to: "to / s",
    fromPlain: "from",
    toPlain: "to",
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
    bring: "Take it to a row",
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
