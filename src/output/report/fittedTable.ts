import { plainRunText } from "@/core/unit/runText";
import { textWidth } from "@/figure/layout/textWidth";
import type { Face } from "@/figure/scene";
import type { ReportHead, ReportTable } from "./report";

/** What a table has to be fitted into; lengths in points. */
export interface TableRoom {
  /** Width of the text on a page that stands upright, and on one that is turned. */
  readonly upright: number;
  readonly turned: number;
  /** Sizes of type that may be taken, largest first; the last is the least that is read with ease. */
  readonly sizes: readonly number[];
  /** Room beside the words of a column, both sides together. */
  readonly gap: number;
}

/** How columns are written: in which face, and where the ± of a column stands. */
export interface ColumnManner {
  readonly face: Face;
  /** The ± of a column stands under its heading, not behind it. */
  readonly barBelow: boolean;
}

/** How a table stands on its page. */
export interface FittedTable {
  readonly turned: boolean;
  readonly size: number;
  /** The table itself, or parts of its columns one under the other, each with the first column. */
  readonly parts: readonly ReportTable[];
}

/** Widths of the columns at the size 1, by the widest of what stands in them. */
export function columnWidths(
  { heads, groups }: ReportTable,
  { face, barBelow }: ColumnManner,
): number[] {
  const width = (text: string) => textWidth(text, face, 1);
  const widest = (heads.at(-1) ?? []).map(({ runs, uncertainty = "" }) => {
    const [head, bar] = [plainRunText(runs), uncertainty];
    if (barBelow) return Math.max(width(head) * 1.08, width(bar));
    return width(bar === "" ? head : `${head} (${bar})`);
  });
  for (const { rows } of groups) {
    for (const row of rows) {
      row.forEach(({ runs, uncertainty, aside }, place) => {
        const text = `${plainRunText(runs)}${aside ?? ""}${uncertainty ? ` ${uncertainty}` : ""}`;
        widest[place] = Math.max(widest[place] ?? 0, width(text));
      });
    }
  }
  return widest;
}

/** The headings over some columns; one over several spans those of them that are there. */
function headsOver(heads: readonly ReportHead[], places: readonly number[]): ReportHead[] {
  let column = 0;
  return heads.flatMap((head) => {
    const own = Array.from({ length: head.span }, (_, i) => column + i);
    column += head.span;
    const span = own.filter((place) => places.includes(place)).length;
    return span > 0 ? [{ ...head, span }] : [];
  });
}

function columnsOf(
  { heads, grouped, groups, notes }: ReportTable,
  places: readonly number[],
): ReportTable {
  return {
    heads: heads.map((line) => headsOver(line, places)),
    grouped,
    groups: groups.map((group) => ({
      ...group,
      rows: group.rows.map((cells) => places.flatMap((place) => cells[place] ?? [])),
    })),
    notes,
  };
}

/** Places of columns in parts that fit, the first column in each. */
function partsOf(widths: readonly number[], room: number): number[][] {
  const parts: number[][] = [[0]];
  let used = widths[0] ?? 0;
  widths.forEach((width, place) => {
    if (place === 0) return;
    const part = parts.at(-1) as number[];
    if (part.length > 1 && used + width > room) {
      parts.push([0, place]);
      used = (widths[0] ?? 0) + width;
    } else {
      part.push(place);
      used += width;
    }
  });
  return parts;
}

/** Parts that fit and are about as wide as each other. */
function evenParts(widths: readonly number[], room: number): number[][] {
  let best = partsOf(widths, room);
  for (let share = 0.95; share > 0.1; share -= 0.05) {
    const parts = partsOf(widths, room * share);
    if (parts.length > best.length) break;
    best = parts;
  }
  return best;
}

/**
 * A table as it fits: smaller, on a turned page, at last in parts; numbers are never broken and never too small to read.
 * @param widths of its columns at the size 1.
 */
export function fittedTable(
  table: ReportTable,
  widths: readonly number[],
  room: TableRoom,
): FittedTable {
  const at = (size: number) => widths.map((width) => width * size + room.gap);
  const whole = (size: number) => at(size).reduce((sum, width) => sum + width, 0);
  for (const turned of [false, true]) {
    const most = turned ? room.turned : room.upright;
    const size = room.sizes.find((one) => whole(one) <= most);
    if (size !== undefined) return { turned, size, parts: [table] };
  }
  const size = room.sizes.at(-1) ?? 8;
  const parts = evenParts(at(size), room.turned).map((places) => columnsOf(table, places));
  return { turned: true, size, parts };
}
