import { ordinal } from "./plural";
import type { TableOrder, TableWay } from "@/pipeline/recordings/asTable";

const eachOrNth = (n: number) => (n === 1 ? "each reading" : `every ${ordinal(n)} reading`);

/** What is said where a recording becomes a table, or is smoothed. */
export const tablingWords = {
  title: "As a table",
  way: "Rows",
  ways: {
    every: "every k-th reading",
    means: "means over k readings",
    differences: "rate of change, by difference",
    "savitzky-golay": "rate of change, Savitzky–Golay",
  } satisfies Record<TableWay, string>,
  every: { readings: "k", counts: "Intervals to a sum", events: "Every k-th" },
  through: "over readings",
  fromFirst: "Count the time from the first row",
  make: "Make a table",
  made: (rows: number) => `A table of ${rows} rows stands under Readings.`,
  show: "Show the table",
  number: "number of the event",
  moment: "moment",
  counts: "counts",
  rateOf: (name: string) => `rate of change of ${name}`,
  tableName: (recording: string, { way, every }: TableOrder, through: number) =>
    ({
      every: `${recording}, ${eachOrNth(every)}`,
      means: `${recording}, means over ${every}`,
      differences: `${recording}, rate of change by difference over ${through}`,
      "savitzky-golay": `${recording}, rate of change (Savitzky–Golay, degree 2 over ${through})`,
    })[way],
  none: "There are no readings for a table in it.",
  tooMany: (rows: number, room: number) =>
    `${rows} rows are more than there is room for (${room}). Take a larger k or a shorter stretch.`,
  tooManyTables: "This investigation holds as many tables as it may. Remove one first.",
  smooth: {
    over: "smoothed over",
    text: "A new recording with a smoothed channel beside the readings; they stay as they are.",
    make: "Make a smoothed channel",
  },
  smoothedChannel: (name: string, through: number) =>
    `${name}, smoothed (Savitzky–Golay, degree 2 over ${through})`,
  smoothedName: (recording: string) => `${recording}, smoothed`,
} as const;
