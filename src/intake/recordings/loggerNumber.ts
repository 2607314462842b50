/** How a logger's file writes its numbers and parts its columns. */
export interface LoggerMarks {
  readonly between: "\t" | ";" | "," | " ";
  readonly decimal: "." | ",";
}

const plainNumber = /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i;

/** A number of a file; NaN where there is none. */
export function loggerNumber(text: string, { decimal }: LoggerMarks): number {
  const trimmed = text.trim();
  const pointed = decimal === "," ? trimmed.replace(",", ".") : trimmed;
  return plainNumber.test(pointed) ? Number(pointed) : NaN;
}

const clockTime = /^(?:(\d+):)?(\d{1,2}):(\d{1,2}(?:[.,]\d+)?)$/;
const dated = /^\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}/;

/** A time in s: a number, hours, minutes and seconds with colons, or a date with a time (ISO 8601, without a zone as UTC). */
export function loggerTime(text: string, marks: LoggerMarks): number {
  const trimmed = text.trim();
  const number = loggerNumber(trimmed, marks);
  if (!Number.isNaN(number)) return number;
  const clock = clockTime.exec(trimmed);
  if (clock) {
    const [, hours = "0", minutes = "0", seconds = "0"] = clock;
    return 3600 * Number(hours) + 60 * Number(minutes) + Number(seconds.replace(",", "."));
  }
  if (!dated.test(trimmed)) return NaN;
  const iso = trimmed.replace(" ", "T").replace(",", ".");
  return Date.parse(/(Z|[+-]\d{2}:?\d{2})$/.test(iso) ? iso : `${iso}Z`) / 1000;
}
