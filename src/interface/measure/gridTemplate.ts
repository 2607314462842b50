import type { FiguresOfUncertainty } from "@/core/number/statement";
import { type GridColumn, isDerived } from "@/pipeline/table/gridColumns";
import { measured } from "@/pipeline/readings/measured";
import type { EvaluatedQuantity, EvaluatedRow } from "@/pipeline/table/table";
import { type WrittenReading, writeMeasured } from "@/pipeline/readings/writtenReading";

type Rule = FiguresOfUncertainty;

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

const ofLetter = 7.6;
const edges = 22;
const lookedAt = 40;

const ofHeadingLetter = 8;
const mostForHeading = 160;

/** Wide enough that no usual word of a heading is broken. */
function ofHeading({ quantity: { name } }: EvaluatedQuantity) {
  const longest = Math.max(...name.split(/[\s-]/).map((word) => word.length));
  const least = Math.min(mostForHeading, edges + ofHeadingLetter * longest);
  return { least: Math.max(single.least, least), most: single.most };
}

/** Wide enough for what a derived column writes, its ± included; told from its first rows. */
function ofDerived(quantity: EvaluatedQuantity, rows: readonly EvaluatedRow[], rule: Rule) {
  const letters = rows.slice(0, lookedAt).map((row) => {
    const found = measured(row, quantity);
    const { value, up = "", exponent } = found ? writeMeasured(found, quantity, rule) : nothing;
    return value.length + (up === "" ? 0 : up.length + 3) + (exponent === undefined ? 0 : 6);
  });
  const least = Math.max(ofHeading(quantity).least, edges + ofLetter * Math.max(0, ...letters));
  return { least: Math.ceil(least), most: Math.max(single.most, Math.ceil(least)) };
}

const nothing: WrittenReading = { value: "" };

/** The widths of all drawn columns, as CSS and as the least and the most that the grid takes. */
export function gridTemplate(
  columns: readonly GridColumn[],
  rows: readonly EvaluatedRow[],
  rule: Rule,
) {
  const all = headingGroups(columns).flatMap(({ repeats, evaluated }) => {
    if (repeats > 1) return [...Array.from({ length: repeats }, () => repeated), mean, scatter];
    return isDerived({ evaluated }) ? [ofDerived(evaluated, rows, rule)] : [ofHeading(evaluated)];
  });
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
