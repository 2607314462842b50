import { type Cells, isNumeric } from "./cellKinds";
import { type Heading, readHeading } from "./heading";

/** Columns side by side that are repeats of one quantity by their headings. */
export interface RepeatedColumns {
  /** The first of them, and the one behind the last. */
  readonly from: number;
  readonly to: number;
  /** What they have in common. */
  readonly heading: Heading;
}

interface Numbered {
  readonly stem: string;
  readonly number: number;
  /** The number stands apart: "run 1", not N1. */
  readonly apart: boolean;
}

const isBlank = ({ name, symbol, unit }: Heading) => name + symbol + unit === "";

function numbered({ name, symbol }: Heading): Numbered | undefined {
  const text = [name, symbol].filter(Boolean).join(" ");
  const match = /^(.*?\p{L}.*?)(\s*[\s_#.]\s*\{?|)(\d{1,2})\}?$/u.exec(text);
  if (!match) return undefined;
  const [, stem = "", between = "", number] = match;
  return { stem: stem.trim(), number: Number(number), apart: /[\s#.]/.test(between) };
}

/** How many columns from a place on go on with the number, or stand under the same heading. */
function reach(headings: readonly Heading[], from: number): number {
  const first = headings[from] as Heading;
  const begun = numbered(first);
  let to = from + 1;
  const goesOn = (heading: Heading) => {
    if (isBlank(heading)) return begun === undefined || to === from + 1;
    const next = numbered(heading);
    return (
      begun !== undefined &&
      next?.stem === begun.stem &&
      next.number === begun.number + (to - from) &&
      (heading.unit === first.unit || heading.unit === "" || first.unit === "")
    );
  };
  while (to < headings.length && goesOn(headings[to] as Heading)) to++;
  return to;
}

/**
 * Which columns are repeats by their headings: N1 … N5; run 1, run 2; one heading over several columns. Two symbols with
 * numbers (x1, x2) are two quantities.
 */
export function repeatedColumns(headings: readonly Heading[]): readonly RepeatedColumns[] {
  const found: RepeatedColumns[] = [];
  for (let from = 0; from < headings.length; from++) {
    const first = headings[from] as Heading;
    if (isBlank(first)) continue;
    const to = reach(headings, from);
    const begun = numbered(first);
    const under = to > from + 1 && isBlank(headings[from + 1] as Heading);
    const enough = under || (begun && begun.number <= 1 && to - from >= (begun.apart ? 2 : 3));
    if (!enough) continue;
    const unit = headings.slice(from, to).find((one) => one.unit !== "")?.unit ?? "";
    const heading = begun && !under ? { ...readHeading(begun.stem), unit } : { ...first, unit };
    found.push({ from, to, heading });
    from = to - 1;
  }
  return found;
}

/** Cells without a second line that only counts the repeats under one heading: 1, 2, 3. */
export function withoutRepeatNumbers(cells: Cells): Cells {
  const [first = [], second = [], ...rest] = cells;
  if (rest.length === 0 || first.some(isNumeric) || !first.some((cell) => cell.trim() !== "")) {
    return cells;
  }
  const counts = second.some((cell, at) => {
    const [before, here] = [second[at - 1], cell];
    return before === "1" && here === "2" && (first[at] ?? "").trim() === "";
  });
  const onlyCounts = second.every((cell, at) => {
    if (cell.trim() === "" || cell === "1") return true;
    return Number(cell) === Number(second[at - 1]) + 1 && (first[at] ?? "").trim() === "";
  });
  return counts && onlyCounts ? [first, ...rest] : cells;
}
