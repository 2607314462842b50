import type { ReportNode, ReportTable } from "@/output/report/report";
import { falseSteps, numberOfTex, printedNumber, roundsTo } from "../fixtures/readTexNumber";
import { printed, seen } from "../fixtures/printed";
import { combined } from "./arithmetic";
import type { KnownColumn, KnownFormula, MadeUp } from "./madeUpSheet";
import { markResults } from "./results";
import { type Complaints, fromRaised, markStatement, unitFactor } from "./statement";
import { readingOf, truthOf } from "./truth";

interface ReadCell {
  readonly value: number;
  readonly place: number;
  readonly size?: { readonly value: number; readonly place: number };
  /** The place down to which it may be meant where no ± tells: zeros at the end of a whole number may only hold places. */
  readonly heldAt?: number;
  /** Its ± upwards and downwards where they are unlike. */
  readonly unlike?: { readonly up: ReadCell; readonly down: ReadCell };
  /** Zeros at the end of its ± may be figures or only hold places. */
  readonly ambiguous?: boolean;
}

const placed = (text: string) => printedNumber(text.replace("−", "-"));

function readCell(text: string, beside: string | undefined): ReadCell | undefined {
  const value = placed(text.replace(/ × 10(.+)$/, (_, power: string) => ` \\times 10^{${fromRaised(power)}}`)); // prettier-ignore
  const size = beside === undefined ? undefined : placed(beside.replace(/^± /, ""));
  if (!value) return undefined;
  const holding = /^−?[1-9]\d*?(0+)$/.exec(text)?.[1]?.length ?? 0;
  const unlike = /^\+(.+) −(.+)$/.exec(beside ?? "");
  const part = (text: string | undefined) => {
    const read = text === undefined ? undefined : placed(text);
    const zeros = /^[1-9]\d*?(0+)$/.exec(text ?? "")?.[1]?.length ?? 0;
    return read && { ...read, place: read.place + zeros };
  };
  const [up, down] = [part(unlike?.[1]), part(unlike?.[2])];
  if (up && down) return { ...value, heldAt: value.place + holding, unlike: { up, down } };
  if (!size) return { ...value, heldAt: value.place + holding };
  const zeros = /^[1-9]\d*?(0+)$/.exec(beside?.replace(/^± /, "") ?? "")?.[1]?.length ?? 0;
  const held = value.value === 0 ? zeros : (/0*$/.exec(/^−?\d+$/.test(text) ? text : "")?.[0].length ?? 0); // prettier-ignore
  const place = size.place + zeros;
  const own = value.place + Math.min(zeros, held);
  return { value: value.value, place: own, size: { ...size, place }, ambiguous: zeros > 0 };
}

interface ReadColumn {
  readonly heading: string;
  /** Under it, where several repeats have one heading. */
  readonly under: string;
  readonly size: string | undefined;
  readonly cells: readonly { readonly text: string; readonly beside: string | undefined }[];
}

function columnsOf({ heads, groups }: ReportTable): readonly ReadColumn[] {
  const spread = heads.map((line) => line.flatMap((head) => Array.from({ length: head.span }, () => head))); // prettier-ignore
  const last = spread.at(-1) ?? [];
  return last.map((head, at) => {
    const over = spread.length > 1 ? spread[0]?.[at] : undefined;
    const above = over ? seen(over.runs) : "";
    return {
      heading: above || seen(head.runs),
      under: above ? seen(head.runs) : "",
      size: head.uncertainty,
      cells: groups.flatMap(({ rows }) => rows.map((row) => ({ text: seen(row[at]?.runs ?? []), beside: row[at]?.uncertainty }))), // prettier-ignore
    };
  });
}

/** Rows in the order in which a table with series prints them. */
function printedRows({ series, rows }: MadeUp): readonly number[] {
  const all = Array.from({ length: rows }, (_, row) => row);
  const names = [...new Set(series)].filter((name) => name !== "");
  return names.length === 0 ? all : names.flatMap((name) => all.filter((row) => series[row] === name)); // prettier-ignore
}

const symbolOf = (heading: string) => heading.split(" / ")[0] as string;
const unitOf = (heading: string) => heading.split(" / ")[1] ?? "";

function markSize(
  size: NonNullable<ReadCell["size"]>,
  truth: number,
  at: string,
  said: Complaints,
): void {
  // prettier-ignore
  if (!roundsTo(truth, size)) said.push(`${at}: ± ${size.value} is ${truth}`);
}

/** A value to the place that is meant. */
function meantBy(cell: ReadCell): ReadCell {
  return cell.heldAt === undefined ? cell : { ...cell, place: cell.heldAt };
}

/** A value with its ± against the truth, both in the unit of the heading. */
function markCell(cell: ReadCell, value: number, size: number, at: string, said: Complaints): void {
  if (!roundsTo(value, meantBy(cell))) said.push(`${at}: ${cell.value} is ${value}`);
  if (cell.size) {
    markSize(cell.size, size, at, said);
    if (cell.size.place - (cell.ambiguous ? 1 : 0) > cell.place && cell.size.value !== 0) said.push(`${at}: ${cell.value} finer than its ± ${cell.size.value} (${cell.place} ${cell.size.place})`); // prettier-ignore
  } else if (size > 1e-9 * Math.abs(value)) said.push(`${at}: its ± ${size} is not printed`);
}

function markUnlike(
  { up, down }: NonNullable<ReadCell["unlike"]>,
  above: number,
  below: number,
  at: string,
  said: Complaints,
): void {
  markSize(up, above, `${at}, upwards`, said);
  markSize(down, below, `${at}, downwards`, said);
}

function markReading(
  column: KnownColumn,
  found: readonly ReadColumn[],
  made: MadeUp,
  said: Complaints,
): void {
  // prettier-ignore
  const own = found.filter(({ heading }) => symbolOf(heading) === column.symbol);
  const repeats = own.filter(({ under }) => /^\d+$/.test(under));
  for (const { heading, under, size, cells } of own) {
    const scale = unitFactor(unitOf(heading));
    if (scale === undefined) {
      said.push(`unit of ${heading}`);
      continue;
    }
    const perUnit = column.factor / scale;
    printedRows(made).forEach((row, at) => {
      const cell = cells[at] && readCell(cells[at].text, cells[at].beside ?? size);
      const where = `${heading} ${under} row ${row + 1}`;
      const { value, size: bar, up, down } = readingOf(column, row);
      if (!cell) said.push(`${where}: ${cells[at]?.text ?? "nothing"}`);
      else if (/^\d+$/.test(under)) {
        const typed = (column.repeats[row]?.[Number(under) - 1] ?? NaN) * perUnit;
        if (Math.abs(cell.value - typed) > 1e-9 * Math.abs(typed)) said.push(`${where}: ${cell.value} was typed ${typed}`); // prettier-ignore
      } else if (repeats.length === 0) {
        const typed = value * perUnit;
        if (Math.abs(cell.value - typed) > 1e-9 * Math.abs(typed) && !roundsTo(typed, meantBy(cell))) said.push(`${where}: ${cell.value} was typed ${typed}`); // prettier-ignore
        if (cell.size) markSize(cell.size, bar * perUnit, where, said);
        if (cell.unlike) markUnlike(cell.unlike, up * perUnit, down * perUnit, where, said);
      } else if (cell.unlike) {
        if (!roundsTo(value * perUnit, meantBy(cell))) said.push(`${where}: ${cell.value} is ${value * perUnit}`); // prettier-ignore
        markUnlike(cell.unlike, up * perUnit, down * perUnit, where, said);
      } else markCell(cell, value * perUnit, bar * perUnit, where, said);
    });
  }
}

function markDerived(
  formula: KnownFormula,
  found: readonly ReadColumn[],
  made: MadeUp,
  said: Complaints,
): void {
  // prettier-ignore
  for (const { heading, size, cells } of found) {
    if (symbolOf(heading) !== formula.symbol) continue;
    const scale = unitFactor(unitOf(heading));
    if (scale === undefined) {
      said.push(`unit of ${heading}`);
      continue;
    }
    printedRows(made).forEach((row, at) => {
      const truth = truthOf(made, formula, row);
      const where = `${formula.symbol} = ${formula.formula} under ${heading}, row ${row + 1}`;
      const cell = cells[at] && readCell(cells[at].text, cells[at].text === "" ? undefined : (cells[at].beside ?? size)); // prettier-ignore
      if (!truth || !Number.isFinite(truth.value)) {
        if (cell) said.push(`${where}: ${cell.value} is nothing`);
      } else if (!cell) said.push(`${where}: nothing printed`);
      else markCell(cell, truth.value / scale, truth.row / scale, where, said);
    });
  }
}

const rightOf = (tex: string) => tex.slice(tex.lastIndexOf("=") + 1).trim();

/** Whether each line of a working follows from the numbers before it. */
function markWorking(
  lines: readonly { readonly label: string; readonly tex: string }[],
  at: string,
  said: Complaints,
): void {
  // prettier-ignore
  const of = (label: string) => lines.find((line) => line.label === label)?.tex;
  for (const { tex } of lines) said.push(...falseSteps(tex).map((step) => `${at}: ${step}`));
  const [numbers, value] = [of("numbers in"), of("value")];
  const first = value?.split("=")[1]?.trim();
  const stood = first === undefined ? undefined : printedNumber(first);
  const put = numbers === undefined ? undefined : numberOfTex(rightOf(numbers));
  if (put !== undefined && stood && !roundsTo(put, stood)) said.push(`${at}: ${numbers} gives ${put}, not ${first}`); // prettier-ignore
  const together = of("percentages together") ?? of("together");
  const size = together === undefined ? undefined : printedNumber(rightOf(together));
  const percent = /=\s*([^=]*\\%),/.exec(of("percentages together") ?? "")?.[1];
  const share = percent === undefined ? undefined : numberOfTex(percent);
  if (share !== undefined && stood && size && !roundsTo(share * Math.abs(stood.value), size)) said.push(`${at}: ${together} does not follow`); // prettier-ignore
  const parts = lines.flatMap(({ label, tex }) => /^(± of|brought by)$/.test(label) ? [printedNumber(rightOf(tex))?.value ?? NaN] : []); // prettier-ignore
  const sum = together?.split("=")[1];
  const added = sum === undefined ? undefined : numberOfTex(sum);
  if (parts.length > 1 && added !== undefined) {
    const both = [combined("worst-case", parts), combined("quadrature", parts)];
    if (both.every((one) => Math.abs(one - added) > 1e-9 * one)) said.push(`${at}: ${together} adds other parts`); // prettier-ignore
  }
}

/** The same with decimal points: a teacher reads both. */
function withPoints(nodes: readonly ReportNode[]): readonly ReportNode[] {
  const text = JSON.stringify(nodes.filter(({ kind }) => kind !== "figure"));
  return JSON.parse(text, (_, value: unknown) =>
    typeof value === "string" ? value.replaceAll("{,}", ".").replace(/(\d),(?=\d)/g, "$1.") : value,
  ) as readonly ReportNode[];
}

/** Everything that a strict teacher finds wrong in a report. */
export function complaints(made: MadeUp): readonly string[] {
  const said: Complaints = [];
  const written = printed(made.document);
  const nodes = made.rules.decimalMark === "comma" ? withPoints(written) : written;
  const tables = nodes.flatMap((node) => (node.kind === "table" ? [node.table] : []));
  tables.slice(0, 2).forEach((table) => {
    const found = columnsOf(table);
    for (const column of made.columns) markReading(column, found, made, said);
    for (const formula of made.formulas) markDerived(formula, found, made, said);
  });
  let heading = "";
  for (const node of nodes) {
    if (node.kind === "heading") heading = node.text;
    if (node.kind !== "working") continue;
    markWorking(node.lines, heading, said);
    const example = node.lines.some(({ label }) => label === "numbers in");
    const formula = !example ? undefined : made.formulas.find(({ symbol }) => heading.startsWith(`Worked example: ${symbol},`)); // prettier-ignore
    const row = Number(/row (\d+)$/.exec(heading)?.[1] ?? 0) - 1;
    const stated = node.lines.find(({ label }) => label === "stated");
    const truth = formula && truthOf(made, formula, row);
    if (truth && stated) {
      const size = combined(made.rules.propagation, [truth.row, truth.common]);
      markStatement(stated.tex, { value: truth.value, size }, heading, said);
    }
  }
  markResults(made, nodes.flatMap((node) => (node.kind === "statement" ? [node.tex] : [])), said); // prettier-ignore
  const whole = JSON.stringify(nodes.map((node) => (node.kind === "figure" ? "" : node)));
  const broken = /NaN|undefined|Infinity|\[object|[^\d]-0(?:\.0*)?(?![\d.])|\de[+-]?\d/.exec(whole);
  if (broken)
    said.push(`prints ${broken[0]}: …${whole.slice(broken.index - 40, broken.index + 40)}…`);
  return said;
}
