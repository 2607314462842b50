import type { RunText } from "@/core/unit/runText";
import type { FigureSpecification } from "@/figure/specification";
import type { Scene } from "@/figure/scene";
import type { ReportLanguage } from "@/investigation/model/houseRules";
import { reportTexts } from "@/wording/reportTexts";
import type { TextMark } from "@/investigation/model/richText";
import type { BlockKind } from "@/investigation/model/writeUp";

/** Part of a line of the report. */
export type Inline =
  | { readonly kind: "text"; readonly text: string; readonly marks?: readonly TextMark[] }
  /** A number that follows the investigation; undefined runs where there is none yet. */
  | { readonly kind: "value"; readonly of: string; readonly runs: RunText }
  | {
      readonly kind: "reference";
      readonly to: string;
      readonly text: string;
      /** "Figure" or "Table", where what it leads to stands in the report. */
      readonly word?: string;
    }
  | { readonly kind: "formula"; readonly tex: string };

/** A cell of a table. */
export interface ReportCell {
  readonly runs: RunText;
  /** The ± beside the value, with its sign: "± 0.2", "+0.3 −0.1". */
  readonly uncertainty?: string;
  /** Set aside: drawn with a stroke through it, and a letter that leads to its reason. */
  readonly aside?: string;
}

/** A heading of a column, or of several that belong together. */
export interface ReportHead {
  readonly runs: RunText;
  /** The ± of the whole column under its heading. */
  readonly uncertainty?: string;
  readonly span: number;
}

/** Rows of one series, or of a table without series. */
export interface ReportGroup {
  readonly name?: string;
  readonly rows: readonly (readonly ReportCell[])[];
}

/** Why a reading was set aside, behind the letter that leads to it. */
export interface ReportNote {
  readonly letter: string;
  readonly text: string;
}

/** A table as a report prints it: units in the headings only. */
export interface ReportTable {
  readonly heads: readonly (readonly ReportHead[])[];
  /** What groups with a name are, as the heading of a column: "series". */
  readonly grouped: string;
  readonly groups: readonly ReportGroup[];
  readonly notes: readonly ReportNote[];
}

/** A line of working with what stands before it. */
export interface WorkingLine {
  readonly label: string;
  /** A symbol behind the label, in TeX. */
  readonly of?: string;
  readonly tex: string;
  readonly tone: "plain" | "uncertain" | "stated";
}

/** How many letters the longest label of a working has, with its symbol: room for it is left before the formulas. */
export function longestLabel(lines: readonly WorkingLine[]): number {
  return Math.max(0, ...lines.map(({ label, of }) => label.length + (of ? 4 : 0)));
}

/** Something that stands in the report. */
export type ReportNode =
  | { readonly kind: "title"; readonly text: string; readonly authors: string }
  | { readonly kind: "heading"; readonly text: string }
  | {
      readonly kind: "paragraph" | "bullet" | "number";
      readonly inlines: readonly Inline[];
      /** Its place in a numbered list, from 1. */
      readonly ordinal?: number;
    }
  | {
      readonly kind: "table";
      readonly anchor: string;
      readonly number: number;
      /** "Table 1". */
      readonly called: string;
      /** What its columns that had no room are called: "further columns". */
      readonly further: string;
      readonly caption: RunText;
      readonly table: ReportTable;
    }
  | {
      readonly kind: "figure";
      readonly anchor: string;
      readonly number: number;
      /** "Figure 1". */
      readonly called: string;
      /** What it shows, for those who hear it. */
      readonly description: string;
      readonly figure: FigureSpecification;
    }
  | { readonly kind: "working"; readonly lines: readonly WorkingLine[] }
  | { readonly kind: "statement"; readonly tex: string }
  | { readonly kind: "number-line"; readonly scene: Scene; readonly description: string };

/** A block of the write-up as it stands in the report. */
export interface ReportBlock {
  readonly id: string;
  readonly kind: BlockKind;
  readonly hidden: boolean;
  /** Its own heading, and what was typed of it. */
  readonly typed: readonly ReportNode[];
  /** What it shows of the investigation. */
  readonly shown: readonly ReportNode[];
  /** What is missing where the block shows nothing. */
  readonly missing?: string;
}

/** A numbered table, as it is called in the language that is spoken. */
export function tableNode(
  anchor: string,
  number: number,
  caption: RunText,
  table: ReportTable,
): ReportNode {
  const called = reportTexts.tableNumber({ number });
  const further = reportTexts.furtherColumns;
  return { kind: "table", anchor, number, called, further, caption, table };
}

/** The whole report in its order. */
export interface Report {
  readonly title: string;
  readonly authors: string;
  readonly paper: "a4" | "letter";
  /** The language that it is written in. */
  readonly language: ReportLanguage;
  readonly blocks: readonly ReportBlock[];
}

/** Every node that is shown, in its order. */
export function shownNodes({ blocks }: Report): readonly ReportNode[] {
  return blocks.flatMap(({ hidden, typed, shown }) => (hidden ? [] : [...typed, ...shown]));
}
