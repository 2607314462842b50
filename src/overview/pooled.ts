import { plainBlock } from "@/investigation/model/writeUp";
import type { Figure } from "@/investigation/model/figure";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder, ordersAtEnd, ordersBefore } from "@/investigation/model/order";
import type { AcceptedValue, Result } from "@/investigation/model/result";
import { isBlank, plainRichText } from "@/investigation/model/richText";
import type { Row } from "@/investigation/model/row";
import { togetherKey } from "@/investigation/model/seriesKey";
import { poolingWords as words } from "@/wording/pooling";
import { pooledReadings, type Rewriting, rewritingOf } from "./pooledReadings";

/** A bench that goes into the pool. */
export interface PooledBench {
  readonly number: number;
  readonly document: Investigation;
}

/** What is gathered while bench after bench goes into the pool. */
interface Gathered {
  readonly series: Investigation["series"];
  readonly rows: { readonly id: string; readonly row: Row }[];
  readonly remarks: string[];
}

const called = ({ symbol, name }: { readonly symbol: string; readonly name: string }) =>
  symbol || name;

/** How each quantity of the pattern is read at a bench; what can't be put beside the others is remarked. */
function rewritings(
  { number, document }: PooledBench,
  pattern: Investigation,
  remarks: string[],
): Map<string, Rewriting> {
  const found = new Map<string, Rewriting>();
  for (const [id, quantity] of inOrder(pattern.quantities)) {
    const own = document.quantities[id];
    if (!own || own.formula !== undefined || quantity.formula !== undefined) continue;
    const rewriting = rewritingOf(own, quantity);
    if (!rewriting) remarks.push(words.otherUnit(number, called(quantity), own.unit));
    else {
      found.set(id, rewriting);
      if (rewriting.own)
        remarks.push(words.ownUncertainty({ bench: number, quantity: called(quantity) }));
    }
  }
  return found;
}

function remarkConstants({ number, document }: PooledBench, pattern: Investigation, remarks: string[]) {
  for (const [id, { value, unit, symbol, name }] of inOrder(pattern.constants)) {
    const own = document.constants[id];
    if (!own || (own.value === value && own.unit === unit)) continue;
    remarks.push(words.otherConstant({ bench: number, symbol: called({ symbol, name }), value: `${own.value} ${own.unit}`.trim() }));
  }
} // prettier-ignore

/** The series of a bench's rows: one for each table, and for each series that the bench itself has. */
function seriesFor(bench: PooledBench, row: Row, { series }: Gathered): string {
  const { number, document } = bench;
  const own = row.series === undefined ? undefined : document.series[row.series];
  const id = `bench${number}_${row.table}${own ? `_${row.series}` : ""}`.slice(0, 60);
  if (!series[id]) {
    const [order] = ordersAtEnd(series, 1);
    const name = words.series(number, own?.name.trim());
    series[id] = { order: order as string, table: row.table, name };
  }
  return id;
}

function gather(bench: PooledBench, pattern: Investigation, gathered: Gathered): void {
  const { number, document } = bench;
  const own: string[] = [];
  const by = rewritings(bench, pattern, own);
  let taken = 0;
  for (const [rowId, row] of inOrder(document.rows)) {
    if (!pattern.tables[row.table]) continue;
    const readings = pooledReadings(row, document, by);
    if (Object.keys(readings).length === 0) continue;
    taken++;
    const series = seriesFor(bench, row, gathered);
    gathered.rows.push({ id: `b${number}_${rowId}`.slice(0, 60), row: { ...row, readings, series } });
  }
  if (taken === 0) return;
  remarkConstants(bench, pattern, own);
  gathered.remarks.push(...own);
} // prettier-ignore

/** A figure with each line and the line over all, and nothing that was laid by hand. */
function pooledFigure(figure: Figure, several: boolean): Figure {
  const line = { ...figure.line, together: several, each: several, steepest: false, shallowest: false };
  const bare = { labels: {}, straightedges: {}, triangle: null, equations: {}, seriesLooks: {} };
  return { ...figure, ...bare, line, legend: null, caption: several ? words.caption : figure.caption };
} // prettier-ignore

function pooledResult(
  result: Result,
  accepted: AcceptedValue | undefined,
  series: string,
  figures: Investigation["figures"],
): Result {
  const { source } = result;
  const ofFigure = source.of !== null && figures[source.of] !== undefined;
  return {
    ...result,
    accepted: accepted ? { ...accepted } : result.accepted,
    source: ofFigure ? { ...source, series } : source,
  };
}

/** The pattern's write-up without what is still to be written, and how the pool was made. */
function pooledWriteUp({ writeUp }: Investigation, said: readonly string[]): Investigation["writeUp"] {
  const kept = inOrder(writeUp.blocks).filter(([, { kind, text }]) => kind !== "text" || !isBlank(text));
  const blocks = Object.fromEntries(kept);
  const first = inOrder(blocks).find(([, { kind }]) => kind !== "title")?.[0] ?? null;
  const [order] = ordersBefore(blocks, first, 1);
  const text = plainRichText(...said);
  const block = { ...plainBlock(order as string, "text"), heading: words.heading, text };
  return { ...writeUp, authors: "", blocks: { ...blocks, pooled: block } };
} // prettier-ignore

/**
 * One investigation of all benches of an experiment: each a series of the same tables, on figures with the line of each and
 * the line over all. Quantities, formulas, constants and house rules are the pattern's.
 * @param values what results are held against, by the id of the result.
 */
export function pooled(
  pattern: Investigation,
  benches: readonly PooledBench[],
  values: Readonly<Record<string, AcceptedValue>>,
): Investigation {
  const gathered: Gathered = { series: {}, rows: [], remarks: [] };
  for (const bench of benches) gather(bench, pattern, gathered);
  const { rows, series, remarks } = gathered;
  const orders = ordersAtEnd({}, rows.length);
  const count = new Set(rows.map(({ id }) => id.slice(0, id.indexOf("_")))).size;
  const names = Object.keys(series);
  const over = names.length > 1 ? togetherKey : (names[0] ?? "");
  const all = rows.map(({ id, row }, i) => [id, { ...row, order: orders[i] as string }] as const);
  const mapped = <Item>(items: Readonly<Record<string, Item>>, change: (item: Item, id: string) => Item) =>
    Object.fromEntries(Object.entries(items).map(([id, item]) => [id, change(item, id)]));
  return {
    ...pattern,
    title: words.title({ title: pattern.title }),
    brief: null,
    series,
    rows: Object.fromEntries(all),
    examples: {},
    dismissed: {},
    figures: mapped(pattern.figures, (figure) => pooledFigure(figure, names.length > 1)),
    results: mapped(pattern.results, (result, id) =>
      pooledResult(result, values[id], over, pattern.figures),
    ),
    writeUp: pooledWriteUp(pattern, [words.benches({ count }), ...remarks]),
  };
} // prettier-ignore
