import type { Agreement } from "@/overview/classSummary";
import type { ShownTo } from "@/protocol/overview";

const list = new Intl.ListFormat("en-GB");

const benchesInWords = (numbers: readonly number[]) =>
  `${numbers.length === 1 ? "Bench" : "Benches"} ${list.format(numbers.map(String))}`;

const agreements: Readonly<Record<Agreement, (chi: string) => string>> = {
  agree: (chi) => `They agree within their ±: reduced χ² = ${chi}.`,
  apart: (chi) =>
    `They do not agree within their ±: reduced χ² = ${chi}. Some ± are too small, or something is off at a bench.`,
  "closer than expected": (chi) =>
    `They lie closer together than their ± let expect: reduced χ² = ${chi}. The ± may be too large.`,
};

/** What is said on the class overview. */
export const overviewWords = {
  views: { label: "What to see of it", glance: "At a glance", benches: "Benches" },
  empty: {
    title: "No bench yet",
    text: "Once students sit at benches, each is a row here, with what it has measured so far.",
    doIt: "Make benches",
  },
  table: {
    label: "The benches at a glance",
    bench: "bench",
    where: "where they are",
    readings: "readings",
    marks: "marks",
    straight: "straight",
    slope: "slope",
    result: "result",
    handed: "handed in",
    sortBy: (column: string) => `Order by ${column}`,
    choose: (number: number) => `Bench ${number}: what to ask`,
    yes: "yes",
    no: "no",
    none: "–",
    notBegun: "not begun",
    apart: "stands apart",
    openMarks: (count: number) => `${count} open pencil ${count === 1 ? "mark" : "marks"}`,
  },
  line: {
    label: (benches: number) =>
      `The results of ${benches} ${benches === 1 ? "bench" : "benches"} on a number line`,
    mean: "all",
    accepted: "accepted ",
    none: "No bench has a result yet. They show here as benches reach them.",
  },
  together: {
    title: "All benches together",
    mean: (of: number) =>
      of === 1
        ? "One bench has a result with a ± so far."
        : `Mean of ${of} benches, weighted by their ±.`,
    agreement: (agreement: Agreement, chi: string, apart: boolean) =>
      apart && agreement === "agree"
        ? `Taken all together they still agree within their ±: reduced χ² = ${chi}.`
        : agreements[agreement](chi),
    apart: (bench: number, by: string) =>
      `Bench ${bench} stands apart from the others by ${by} of its ±.`,
    unsure: (benches: readonly number[]) =>
      `${benchesInWords(benches)} ${benches.length === 1 ? "knows" : "know"} no ± and ${benches.length === 1 ? "is" : "are"} not in the mean.`,
    elsewhere: (benches: readonly number[]) =>
      `${benchesInWords(benches)} ${benches.length === 1 ? "states" : "state"} a result of another kind, which does not lie on this line.`,
    meets: "The accepted value lies within reach of both ±.",
    misses: "The accepted value lies beyond both ±.",
    none: "No bench has a result with a ± yet.",
  },
  ask: {
    title: (bench: number) => `Bench ${bench}: what to ask`,
    choose: "Choose a bench in the table to see what to ask there.",
    apart: (by: string) =>
      `Its result lies ${by} of its ± from the others: ask how the quantities behind it were measured.`,
    nothing: "No pencil mark is open in their sheet.",
    notYet: "Nothing is worked out of their sheet yet.",
    more: (count: number) => `and ${count} more`,
    read: "Read their sheet",
  },
  pool: { doIt: "Pool the class", text: "One investigation of yours with each bench as a series." },
  takeOut: {
    open: "Take out…",
    label: "What to take out of the class",
    results: "Results as CSV",
    marks: "Marks as CSV",
    marksName: (title: string) => `${title} marks`,
    reports: "Reports as PDF, in a ZIP",
    resultsName: (title: string) => `${title} results`,
    reportsName: (title: string) => `${title} reports`,
    reportName: (bench: number, names: readonly string[]) =>
      `bench ${String(bench).padStart(2, "0")} ${names.join(" ")}`.trim(),
    kinds: { csv: "CSV", zip: "ZIP" },
    left: (names: readonly string[]) =>
      `Left out, as the sheet can’t be read: ${list.format(names)}.`,
  },
  shown: {
    title: "Who sees it",
    label: "Students of the class see the overview",
    options: {
      no: "no",
      numbers: "yes, by the numbers of the benches",
      names: "yes, with names",
    } satisfies Readonly<Record<ShownTo, string>>,
    text: "They see where each bench is, its slope and its result, not its pencil marks.",
  },
  projector: {
    open: "Projector",
    title: "for the projector",
    names: "Names",
    dark: "Dark",
    back: "Back",
    whole: "Whole screen",
    label: "How it is shown",
  },
  away: "The connection is lost: what stands here may be old.",
  ended: "This overview is not shown to you any more.",
} as const;
