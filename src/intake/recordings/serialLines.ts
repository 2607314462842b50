/** A longer line without an end is thrown away, in letters. */
const longestLine = 4096;

/** So many lines must hold as many numbers as each other before they count as channels. */
const agreeing = 3;

/** So many numbers of a line are looked at. */
const mostNumbers = 4;

const number = /(?:^|[\s,;:=])([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)(?=$|[\s,;]|[^\d.\s,;:])/gi;

/** The numbers of a line as a microcontroller prints them: "23.5", "t=23.5 C, p: 1013 hPa", "12;0.4". */
export function numbersOfLine(line: string): number[] {
  return [...line.matchAll(number)].slice(0, mostNumbers).map(([, text]) => Number(text));
}

/** Lines of text over a serial port, put together from what comes. */
export class SerialLines {
  private rest = "";
  /** The first line may have begun before anybody listened. */
  private begun = false;
  private dropping = false;
  private readonly counts: number[] = [];
  private width: number | undefined;
  /** So many lines held no numbers, or not as many as the others. */
  rubbish = 0;

  /** How many numbers a line has; undefined while they don't agree yet. */
  get channels(): number | undefined {
    return this.width;
  }

  /** Takes what came; the readings of the lines that are complete with it, one list a line. */
  push(text: string): number[][] {
    const lines = (this.rest + text).split(/\r\n|\n|\r/);
    this.rest = lines.pop() ?? "";
    const rows: number[][] = [];
    for (const line of lines) {
      const wasCut = !this.begun || this.dropping;
      [this.begun, this.dropping] = [true, false];
      if (!wasCut && line.trim() !== "") this.take(line, rows);
    }
    if (this.rest.length > longestLine) {
      [this.rest, this.dropping] = ["", true];
      this.rubbish += 1;
    }
    return rows;
  }

  private take(line: string, rows: number[][]): void {
    const numbers = numbersOfLine(line);
    if (this.width === undefined) this.agree(numbers.length);
    if (this.width === numbers.length) rows.push(numbers);
    else if (this.width !== undefined || numbers.length === 0) this.rubbish += 1;
  }

  private agree(count: number): void {
    this.counts.push(count);
    const last = this.counts.slice(-agreeing);
    if (count > 0 && last.length === agreeing && last.every((one) => one === count))
      this.width = count;
  }
}
