import type { EvaluatedQuantity } from "@/pipeline/table";
import type { GridColumn } from "@/pipeline/gridColumns";

/** A quantity's stretch of the grid: its repeats, and behind two or more the columns of their mean and scatter. */
export interface HeadingGroup {
  readonly evaluated: EvaluatedQuantity;
  /** The first of its columns among those that can be typed into. */
  readonly column: number;
  /** The first of its columns among all that are drawn. */
  readonly first: number;
  readonly repeats: number;
  /** How many columns are drawn. */
  readonly span: number;
}

/** The quantities of the grid with the columns that each one takes. */
export function headingGroups(columns: readonly GridColumn[]): readonly HeadingGroup[] {
  const groups: HeadingGroup[] = [];
  let first = 0;
  columns.forEach(({ evaluated, repeat, of }, column) => {
    if (repeat !== 1) return;
    const span = of > 1 ? of + 2 : 1;
    groups.push({ evaluated, column, first, repeats: of, span });
    first += span;
  });
  return groups;
}

const numberWidth = 48;
const single = { least: 104, most: 210 };
const repeated = { least: 72, most: 100 };
const mean = { least: 98, most: 140 };
const scatter = { least: 60, most: 84 };

function widths(columns: readonly GridColumn[]) {
  return headingGroups(columns).flatMap(({ repeats }) =>
    repeats > 1 ? [...Array.from({ length: repeats }, () => repeated), mean, scatter] : [single],
  );
}

/** The widths of all drawn columns, as CSS and as the least and the most that the grid takes. */
export function gridTemplate(columns: readonly GridColumn[]) {
  const all = widths(columns);
  const sum = (of: "least" | "most") =>
    all.reduce((total, width) => total + width[of], numberWidth);
  return {
    template: [
      `${numberWidth}px`,
      ...all.map(({ least, most }) => `minmax(${least}px, ${most}fr)`),
    ].join(" "),
    least: sum("least"),
    most: sum("most"),
    drawn: all.length,
  };
}
