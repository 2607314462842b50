import { inList } from "./language/listing";
import { withRuns } from "./language/runs";
import type { RunText } from "@/core/unit/runText";
import type {
  Happening,
  ReadOffChoice,
  ReadOffKind,
  RecordingDescription,
} from "@/investigation/model/recording";
import { recordings } from "./en/recordings";
import { withFurther, worded } from "./language/worded";

const texts = worded("recordings", recordings);

/** What is said on the page of recordings and in its margin. */
export const recordingWords = withFurther(texts.recordingWords, {
  how: {
    sentence: (
      { instrument, tells, channels }: RecordingDescription,
      count: number,
      rate: string,
    ): string => {
      const names = inList(channels.map(({ name }) => name));
      return texts.how[tells]({ instrument, channels: names, count, rate });
    },
  },
});

/** What a report says of a recording. */
export const reportedRecording = withFurther(texts.reportedRecording, {
  trimmed: (from: string | undefined, to: string | undefined): string => {
    if (from && to) return texts.trimmed.both({ from, to });
    if (from) return texts.trimmed.from({ from });
    return to ? texts.trimmed.to({ to }) : "";
  },
  aside: (from: string, to: string, reason: string): string =>
    reason === "" ? texts.aside.noReason({ from, to }) : texts.aside.because({ from, to, reason }),
  drawn: (name: string, events: boolean): string =>
    texts.drawn({ name, events: events ? "yes" : "no" }),
});

const happeningWords: Readonly<Record<Happening, string>> = texts.happeningWords;

/** What can be read off, as it is chosen. */
export const readOffWords: Readonly<Record<ReadOffKind, string>> = texts.readOffWords;

/** Which things to read off are about crossings, peaks or troughs. */
export const ofHappenings: ReadonlySet<ReadOffKind> = new Set<ReadOffKind>([
  ...(["events", "crossing", "peak", "between", "gap", "frequency"] as const),
]);

/** Of what is read off one by one, the n-th in words. */
const oneOfThem: Readonly<Partial<Record<ReadOffKind, (values: { nth: number }) => string>>> =
  texts.oneOfThem;

const whichOf = (every: number, line: string): string =>
  every === 2 ? texts.readOffLine.everySecond({ line }) : texts.readOffLine.every({ every, line });

/** "rising crossings of the middle, mean gap": what was read off, in a line. */
export function readOffName(
  { tells }: Pick<RecordingDescription, "tells">,
  choice: Pick<ReadOffChoice, "what" | "of" | "level" | "every" | "nth">,
  level: string,
): string {
  const said = texts.readOffLine;
  const { of, every, nth } = choice;
  if (tells === "counts" && choice.what === "events") return said.counts;
  if (!ofHappenings.has(choice.what)) return readOffWords[choice.what];
  const many = tells === "events" ? said.events : happeningWords[of];
  const what = oneOfThem[choice.what]?.({ nth }) ?? readOffWords[choice.what];
  const crossed = tells === "readings" && (of === "rising" || of === "falling");
  const atLevel = () =>
    choice.level === null ? said.atMiddle({ many, what }) : said.atLevel({ many, level, what });
  const line = crossed ? atLevel() : said.of({ many, what });
  return every === 1 ? line : whichOf(every, line);
}

/** What is said where something is read off. */
export const readingOffWords = withFurther(texts.readingOffWords, {
  happenings: happeningWords,
  button: (what: string, row: number, symbol: RunText): RunText =>
    withRuns({ symbol }, (marks) => texts.to.button({ ...marks, what, row })),
  each: (count: number, row: number, symbol: RunText): RunText =>
    withRuns({ symbol }, (marks) => texts.to.each({ ...marks, count, row })),
  unlike: (symbol: string, unit: string, read: string) =>
    texts.to.unlike({ symbol, unit: unit || texts.to.noUnit, read: read || texts.to.noUnit }),
  table: {
    place: (row: number, symbol: RunText): RunText =>
      withRuns({ symbol }, (marks) => texts.to.place({ ...marks, row })),
    typedOver: (row: number, symbol: RunText): RunText =>
      withRuns({ symbol }, (marks) => texts.to.typedOver({ ...marks, row })),
  },
});

/** What is said where a recording is trimmed, set aside in part, and laid over others. */
export const trimmingWords = texts.trimmingWords;
