import type { DecimalMark } from "@/core/number/readNumber";
import { SeededChance } from "@/core/statistics/seededChance";
import { languageOf } from "@/wording/language/languages";
import { spoken } from "@/wording/language/spoken";
import type { Constant } from "../model/constant";
import { emptyInvestigation, firstTable } from "../model/emptyInvestigation";
import { type Figure, plainFigure } from "../model/figure";
import { conventionsOf } from "../model/houseRules";
import type { Investigation } from "../model/investigation";
import { ordersAtEnd } from "../model/order";
import { plainQuantity, type Quantity } from "../model/quantity";
import { plainResult, plainSource, type Result, type ResultSource } from "../model/result";
import { cellKey, type Row } from "../model/row";
import type { BlockKind, SectionId } from "../model/writeUp";
import { said } from "./said";

/** A row of a sample: the typed readings by quantity, several for repeats. */
export interface SampleRow {
  readonly readings: Readonly<Record<string, string | readonly string[]>>;
  readonly series?: string;
  /** Why the whole row is set aside. */
  readonly aside?: string;
}

type Told<Item> = Partial<Omit<Item, "order">>;

/** A block of a sample's write-up: what it shows, or a part of the report with paragraphs. */
export type SampleBlock =
  | { readonly kind: Exclude<BlockKind, "text">; readonly of?: string; readonly before?: string }
  | { readonly kind: "text"; readonly section: SectionId; readonly text: readonly string[] };

/** What each sample says in its report. */
interface SampleWords {
  readonly aim: string;
  readonly setUp: string;
  readonly timed?: string;
  readonly law: string;
  readonly found: string;
  readonly doubts: string;
}

/**
 * How a report begins: title, aim, what was done with what, and the readings; one row worked through for each derived
 * quantity, and the table of all rows.
 */
export const opening = (
  { aim, setUp, timed, law }: SampleWords,
  ...derived: readonly string[]
): readonly SampleBlock[] => [
  { kind: "title" },
  { kind: "text", section: "aim", text: [aim] },
  {
    kind: "text",
    section: "method",
    text: timed === undefined ? [setUp, law] : [setUp, timed, law],
  },
  { kind: "readings", of: "main" },
  ...derived.map((of) => ({ kind: "example", of }) as const),
  ...(derived.length > 0 ? [{ kind: "processed", of: "main" } as const] : []),
];

/** The main figure with its lines. */
export const plotted: readonly SampleBlock[] = [
  { kind: "figure", of: "main" },
  { kind: "line", of: "main" },
];

/** A result, and how it lies beside the accepted value. */
export const compared = (of: string): readonly SampleBlock[] => [
  { kind: "result", of },
  { kind: "comparison", of },
];

/** How it ends: what was found, and how far it is to be trusted. */
export const discussed = ({ found, doubts }: SampleWords): SampleBlock => ({
  kind: "text",
  section: "discussion",
  text: [found, doubts],
});

/** A last result beside the accepted value, and what is said of it. */
export const concluded = (of: string, words: SampleWords): readonly SampleBlock[] => [
  ...compared(of),
  discussed(words),
];

/** All that a sample says; orders and plain values are filled in. */
export interface SampleParts {
  readonly title: string;
  readonly authors: string;
  readonly quantities: Readonly<Record<string, Told<Quantity>>>;
  readonly series?: Readonly<Record<string, string>>;
  readonly rows: readonly SampleRow[];
  readonly constants: Readonly<Record<string, Told<Constant>>>;
  readonly figures: Readonly<Record<string, Told<Figure>>>;
  readonly theory?: string;
  readonly results: Readonly<
    Record<string, Told<Omit<Result, "source">> & { readonly from?: Partial<ResultSource> }>
  >;
  readonly examples?: Readonly<Record<string, number>>;
  readonly rules?: Partial<Investigation["houseRules"]>;
  readonly writeUp: readonly SampleBlock[];
}

function ordered<Told, Item>(
  record: Readonly<Record<string, Told>>,
  make: (order: string, told: Told, id: string) => Item,
): Record<string, Item> {
  const ids = Object.keys(record);
  const orders = ordersAtEnd({}, ids.length);
  return Object.fromEntries(
    ids.map((id, i) => [id, make(orders[i] as string, record[id] as Told, id)]),
  );
}

function rowOf(order: string, { readings, series, aside }: SampleRow): Row {
  const typed = Object.entries(readings).flatMap(([quantity, text]) =>
    typeof text === "string"
      ? [[quantity, text] as const]
      : text.map((one, n) => [cellKey(quantity, n + 1), one] as const),
  );
  return {
    order,
    table: firstTable,
    readings: Object.fromEntries(typed),
    ...(series !== undefined && { series }),
    ...(aside !== undefined && { setAside: { _row: aside } }),
  };
}

function blocksOf(blocks: readonly SampleBlock[]): Investigation["writeUp"]["blocks"] {
  const named = Object.fromEntries(blocks.map((block, i) => [`block${i + 1}`, block]));
  return ordered(named, (order, block) => ({
    order,
    kind: block.kind,
    hidden: false,
    ...(block.kind === "text"
      ? { of: "", heading: "", section: block.section, text: block.text.flatMap(said) }
      : { of: block.of ?? "", heading: "", text: block.before ? said(block.before) : [] }),
  }));
}

/** The parts with their numbers as the house rules part decimals. */
function inMark(parts: SampleParts, mark: DecimalMark = "point"): SampleParts {
  if (mark === "point") return parts;
  const plainNumber = /^-?\d+\.\d+$/;
  const marked = (_: string, value: unknown): unknown =>
    typeof value === "string" && plainNumber.test(value) ? value.replace(".", ",") : value;
  return JSON.parse(JSON.stringify(parts), marked) as SampleParts;
}

/** A sample investigation from its parts, in the language that is spoken and with its decimal mark. */
export function makeSample(given: SampleParts): Investigation {
  const language = languageOf(spoken());
  const parts = language === "en" ? given : inMark(given, conventionsOf[language].decimalMark);
  const document = emptyInvestigation(parts.title, language);
  const rows = Object.fromEntries(parts.rows.map((row, i) => [`row${i + 1}`, row]));
  const examples = Object.entries(parts.examples ?? {});
  const orders = ordersAtEnd({}, examples.length);
  return {
    ...document,
    quantities: ordered(parts.quantities, (order, told) => ({
      ...plainQuantity(order, firstTable, ""),
      ...told,
    })),
    series: ordered(parts.series ?? {}, (order, name) => ({ order, table: firstTable, name })),
    rows: ordered(rows, rowOf),
    constants: ordered(parts.constants, (order, told) => ({
      name: "",
      symbol: "",
      value: "",
      uncertainty: "",
      unit: "",
      source: "",
      order,
      ...told,
    })),
    figures: ordered(parts.figures, (order, told) => ({
      ...plainFigure(order, null, null),
      ...told,
    })),
    theory: parts.theory ?? "",
    results: ordered(parts.results, (order, { from, ...told }) => ({
      ...plainResult(order, "main"),
      source: { ...plainSource, of: "main", ...from },
      ...told,
    })),
    examples: Object.fromEntries(
      examples.map(([id, row], i) => [id, { order: orders[i] as string, row: `row${row}` }]),
    ),
    houseRules: { ...document.houseRules, ...parts.rules },
    writeUp: { ...document.writeUp, authors: parts.authors, blocks: blocksOf(parts.writeUp) },
  };
}

/** Scatter about a true value as it is then read and written down, to so many decimals. */
export function readings(seed: number) {
  const chance = new SeededChance(seed);
  return (truth: number, scatter: number, decimals: number): string =>
    (truth + scatter * chance.normal()).toFixed(decimals);
}

/** A fixed ± of each reading. */
export function fixed(amount: string): Quantity["uncertainty"] {
  return { kind: "fixed", amount };
}
