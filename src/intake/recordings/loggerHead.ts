import { type LoggerMarks, loggerNumber, loggerTime } from "./loggerNumber";

/** What the beginning of a logger's file says of it. */
export interface LoggerHead extends LoggerMarks {
  /** One a column; "" where the file names none. */
  readonly names: readonly string[];
  /** So many lines stand before the readings. */
  readonly linesBefore: number;
  /** The column of the times, from 0; undefined where none is one. */
  readonly timeColumn: number | undefined;
}

const separators = ["\t", ";", ",", " "] as const;
const quoted = /^"(.*)"$/;

/** The parts of a line; blanks that follow each other part only once. */
export function columnsIn(line: string, between: LoggerMarks["between"]): string[] {
  return between === " " ? line.trim().split(/ +/) : line.split(between);
}

const isReading = (parts: readonly string[], marks: LoggerMarks) => {
  const filled = parts.filter((part) => part.trim() !== "");
  const told = filled.filter((part) => !Number.isNaN(loggerTime(part, marks)));
  return filled.length > 0 && told.length === filled.length;
};

/** How many of the lines are readings under these marks, each of as many columns as the last one. */
function fitting(lines: readonly string[], marks: LoggerMarks): { count: number; columns: number } {
  const rows = lines.map((line) => columnsIn(line, marks.between)).filter((parts) => isReading(parts, marks)); // prettier-ignore
  const columns = rows.at(-1)?.length ?? 0;
  return { columns, count: rows.filter((parts) => parts.length === columns).length };
}

/** The marks under which most lines are readings, and of these those that give most columns. */
function marksOf(lines: readonly string[]): LoggerMarks | undefined {
  const tried = separators.flatMap((between) =>
    ([".", ","] as const)
      .filter((decimal) => decimal !== between)
      .map((decimal) => ({ marks: { between, decimal }, ...fitting(lines, { between, decimal }) })),
  );
  const [best] = tried.toSorted((a, b) => b.count * b.columns - a.count * a.columns);
  return best && best.count > 0 ? best.marks : undefined;
}

const namesTime = /^(time|elapsed|date|zeit|temps|t\b)/i;

/** The first column that is named as time, else the first whose numbers rise from line to line. */
function timeColumnOf(names: readonly string[], rows: readonly (readonly string[])[], marks: LoggerMarks): number | undefined {
  const named = names.findIndex((name) => namesTime.test(name));
  if (named >= 0) return named;
  const rising = (column: number) =>
    rows.length > 2 &&
    rows.every((row, i) => {
      const before = rows[i - 1]?.[column];
      return before === undefined || loggerTime(row[column] ?? "", marks) > loggerTime(before, marks);
    });
  const first = rows[0]?.findIndex((_cell, column) => rising(column)) ?? -1;
  return first >= 0 ? first : undefined;
} // prettier-ignore

/**
 * Reads from the beginning of a logger's file how it is written. @param text some hundred lines of it, or all.
 * @returns undefined where no line of readings is found.
 */
export function readLoggerHead(text: string): LoggerHead | undefined {
  const lines = text.replace(/^\uFEFF/, "").split(/\r\n|\n|\r/);
  if (lines.length > 1) lines.pop();
  const marks = marksOf(lines);
  if (!marks) return undefined;
  const parted = lines.map((line) => columnsIn(line, marks.between));
  const linesBefore = parted.findIndex((parts) => isReading(parts, marks));
  const rows = parted.slice(linesBefore).filter((parts) => isReading(parts, marks));
  const columns = rows[0]?.length ?? 0;
  const heading = parted
    .slice(0, linesBefore)
    .findLast((parts) => parts.length === columns && parts.some((part) => part.trim() !== ""));
  const names = Array.from({ length: columns }, (_column, i) => (heading?.[i] ?? "").trim().replace(quoted, "$1")); // prettier-ignore
  return { ...marks, names, linesBefore, timeColumn: timeColumnOf(names, rows, marks) };
}

/** The columns that hold numbers and are not the time: what can become channels. */
export function channelColumns(text: string, head: LoggerHead): number[] {
  const lines = text.split(/\r\n|\n|\r/).slice(head.linesBefore, -1);
  const rows = lines.map((line) => columnsIn(line, head.between));
  return head.names
    .map((_name, column) => column)
    .filter((column) => column !== head.timeColumn)
    .filter((column) => rows.some((row) => !Number.isNaN(loggerNumber(row[column] ?? "", head))));
}
