import type { DecimalMark } from "@/core/number/readNumber";
import { toDecimals } from "@/core/number/writtenNumber";
import type { RecordingDescription } from "@/investigation/model/recording";
import { timeOf } from "@/pipeline/recordings/stretch";

/** A float of 32 bits has no more figures than these. */
const figuresOfReading = 7;

/** How a recording is written as text. */
export interface RecordingText {
  readonly how: RecordingDescription;
  readonly mark: DecimalMark;
}

const between = ({ mark }: RecordingText) => (mark === "comma" ? ";" : ",");

const heading = (symbol: string, unit: string) => (unit === "" ? symbol : `${symbol} / ${unit}`);

/** The headings of a recording's file: "t / s,y / mm". */
export function recordingCsvHead(text: RecordingText): string {
  const { tells, channels } = text.how;
  if (tells === "events") return "t / s\n";
  const named = channels.map(({ symbol, unit }) => heading(symbol, unit));
  return `${["t / s", ...named].join(between(text))}\n`;
}

function decimalsOfTime({ step, tells }: RecordingDescription): number {
  const finest = tells === "counts" ? step / 2 : step;
  return Math.min(9, Math.max(0, Math.ceil(-Math.log10(finest) - 1e-9) + 1));
}

/** Lines of readings from a number on, one channel behind the other; a lost reading is an empty cell. */
export function recordingCsvLines(
  text: RecordingText,
  first: number,
  numbers: Float32Array | Float64Array,
): string {
  const { how, mark } = text;
  const size = numbers.length / how.channels.length;
  const decimals = decimalsOfTime(how);
  const written = (plain: string) => {
    const ascii = plain.replace("−", "-");
    return mark === "comma" ? ascii.replace(".", ",") : ascii;
  };
  const value = (one: number) =>
    Number.isNaN(one) ? "" : written(String(Number(one.toPrecision(figuresOfReading))));
  const lines: string[] = [];
  for (let i = 0; i < size; i++) {
    if (how.tells === "events") {
      lines.push(written(toDecimals(numbers[i] as number, decimals)));
      continue;
    }
    const cells = how.channels.map((_channel, at) => value(numbers[at * size + i] as number));
    lines.push(
      [written(toDecimals(timeOf(how, first + i), decimals)), ...cells].join(between(text)),
    );
  }
  return lines.length === 0 ? "" : `${lines.join("\n")}\n`;
}
