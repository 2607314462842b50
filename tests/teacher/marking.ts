import type { ReportNode, ReportTable } from "@/output/report/report";
import { falseSteps, numberOfTex, printedNumber, roundsTo } from "../fixtures/readTexNumber";
import { printed, seen } from "../fixtures/printed";
import { bestLine, combined, extremeLines, halfSpan, type Line, type Point, slopeAlong, standardErrors } from "./arithmetic"; // prettier-ignore
import type { KnownColumn, KnownFormula, MadeUp } from "./madeUpSheet";
import { readingOf, truthOf } from "./truth";

const factors: Readonly<Record<string, number>> = {
  ...{ m: 1, cm: 0.01, mm: 0.001, s: 1, ms: 0.001, kg: 1, g: 0.001, V: 1, mV: 0.001, A: 1, K: 1 },
};
const raised = "⁰¹²³⁴⁵⁶⁷⁸⁹";
const fromRaised = (text: string) =>
  Number([...text].map((one) => (one === "⁻" ? "-" : one === "." ? "." : String(raised.indexOf(one)))).join("")); // prettier-ignore

/** What one of a printed unit is in SI units, with the power of ten before it; undefined for a unit the teacher does not know. */
export function unitFactor(text: string): number | undefined {
  let factor = 1;
  for (const part of text.split(/[\s\u00a0]+/).filter((one) => one !== "")) {
    const match = /^(10|[a-zA-Zμ]+)([⁻⁰¹²³⁴⁵⁶⁷⁸⁹.]+|(?:[⁻]?[\d.]+))?$/.exec(part);
    const base = match?.[1] === "10" ? 10 : factors[match?.[1] ?? ""];
    if (!match || base === undefined) return undefined;
    const power = match[2] === undefined ? 1 : /[\d]/.test(match[2]) ? Number(match[2].replace("⁻", "-")) : fromRaised(match[2]); // prettier-ignore
    factor *= base ** power;
  }
  return factor;
}

/** A unit in TeX, as `unitFactor` reads it. */
function unitOfTex(tex: string): string {
  const found = /\\,\\mathrm\{((?:[^{}]|\{[^{}]*\})*)\}\s*$/.exec(tex);
  return (found?.[1] ?? "").replace(/\\,/g, " ").replace(/\^\{([^}]*)\}/g, (_, power: string) => power.replace("-", "⁻")); // prettier-ignore
}

interface ReadCell {
  readonly value: number;
  readonly place: number;
  readonly size?: { readonly value: number; readonly place: number };
  /** Zeros at the end of its ± may be figures or only hold places. */
  readonly ambiguous?: boolean;
}

const placed = (text: string) => printedNumber(text.replace("−", "-"));

function readCell(text: string, beside: string | undefined): ReadCell | undefined {
  const value = placed(text.replace(/ × 10(.+)$/, (_, power: string) => ` \\times 10^{${fromRaised(power)}}`)); // prettier-ignore
  const size = beside === undefined ? undefined : placed(beside.replace(/^± /, ""));
  if (!value || !size) return value;
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

type Complaints = string[];

function markSize(
  size: NonNullable<ReadCell["size"]>,
  truth: number,
  at: string,
  said: Complaints,
): void {
  // prettier-ignore
  if (!roundsTo(truth, size)) said.push(`${at}: ± ${size.value} is ${truth}`);
}

/** A value with its ± against the truth, both in the unit of the heading. */
function markCell(cell: ReadCell, value: number, size: number, at: string, said: Complaints): void {
  if (!roundsTo(value, cell)) said.push(`${at}: ${cell.value} is ${value}`);
  if (cell.size) {
    markSize(cell.size, size, at, said);
    if (cell.size.place - (cell.ambiguous ? 1 : 0) > cell.place && cell.size.value !== 0) said.push(`${at}: ${cell.value} finer than its ± ${cell.size.value} (${cell.place} ${cell.size.place})`); // prettier-ignore
  } else if (size > 1e-9 * Math.abs(value)) said.push(`${at}: its ± ${size} is not printed`);
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
      const { value, size: bar } = readingOf(column, row);
      if (!cell) said.push(`${where}: ${cells[at]?.text ?? "nothing"}`);
      else if (/^\d+$/.test(under)) {
        const typed = (column.repeats[row]?.[Number(under) - 1] ?? NaN) * perUnit;
        if (Math.abs(cell.value - typed) > 1e-9 * Math.abs(typed)) said.push(`${where}: ${cell.value} was typed ${typed}`); // prettier-ignore
      } else if (repeats.length === 0) {
        const typed = value * perUnit;
        if (Math.abs(cell.value - typed) > 1e-9 * Math.abs(typed) && !roundsTo(typed, cell)) said.push(`${where}: ${cell.value} was typed ${typed}`); // prettier-ignore
        if (cell.size) markSize(cell.size, bar * perUnit, where, said);
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

/** "(1.2 ± 0.3) × 10⁻⁴ m" in TeX, behind "name =". */
export function readStatement(tex: string) {
  const right = tex.slice(tex.lastIndexOf("=") + 1);
  const power = /\\times 10\^\{(-?\d+)\}/.exec(right)?.[1] ?? "0";
  const scale = unitFactor(unitOfTex(right));
  const pair = /(-?[\d.]+) \\pm ([\d.]+)/.exec(right.replaceAll("{,}", "."));
  const alone = pair ? undefined : printedNumber(right);
  if (scale === undefined) return undefined;
  if (alone) return { value: { ...alone }, size: undefined, scale };
  const [value, size] = [pair?.[1], pair?.[2]].map((text) => printedNumber(`${text} \\times 10^{${power}}`)); // prettier-ignore
  if (!value || !size) return undefined;
  const zeros = /^[1-9]\d*?(0+)$/.exec(pair?.[2] ?? "")?.[1]?.length ?? 0;
  const rounded = { place: value.place + zeros };
  return { value: { ...value, ...rounded }, size: { ...size, ...rounded }, scale };
}

function markStatement(
  tex: string,
  truth: { value: number; size: number },
  at: string,
  said: Complaints,
): void {
  // prettier-ignore
  const read = readStatement(tex);
  if (!read) {
    said.push(`${at}: ${tex} can't be read`);
    return;
  }
  const { value, size, scale } = read;
  if (!roundsTo(truth.value / scale, value)) said.push(`${at}: ${tex} is ${truth.value / scale}`);
  if (size && !roundsTo(truth.size / scale, size)) said.push(`${at}: ${tex} has ± ${truth.size / scale}`); // prettier-ignore
  if (!size && truth.size > 1e-9 * Math.abs(truth.value)) said.push(`${at}: ${tex} has no ±, but ${truth.size / scale}`); // prettier-ignore
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

interface LineTruth {
  readonly line: Line;
  readonly size: { readonly slope: number; readonly intercept: number; readonly height: number };
  readonly factors: { readonly x: number; readonly y: number };
}

function pointsOf(made: MadeUp): { points: Point[]; common: (k: number) => Point[] } | undefined {
  const [x, other] = made.columns as [KnownColumn, KnownColumn];
  const formula = made.formulas.find(({ symbol }) => symbol === made.figure.y);
  const wanted = made.series.includes("two") ? "two" : "";
  const rows = Array.from({ length: made.rows }, (_, row) => row).filter((row) => made.series[row] === wanted && !made.aside.has(row)); // prettier-ignore
  const points = rows.flatMap((row): Point[] => {
    const across = readingOf(x, row);
    const up = readingOf(other, row);
    const derived = formula && truthOf(made, formula, row);
    if (formula && !derived) return [];
    const y = derived ? { value: derived.value, size: derived.row } : { value: up.value * other.factor, size: up.size * other.factor }; // prettier-ignore
    return [{ x: across.value * x.factor, dx: across.size * x.factor, y: y.value, dy: y.size }];
  });
  if (points.length < 3 || new Set(points.map((one) => one.x)).size < 2) return undefined;
  const common = (k: number) => {
    const moved = { ...made, constant: { ...made.constant, value: k } };
    return rows.map((row, i) => ({ ...(points[i] as Point), ...(formula && { y: truthOf(moved, formula, row)!.value }) })); // prettier-ignore
  };
  return { points, common };
}

/** Slope, intercept and the height at the place that is read off, with their ±, in SI units; undefined where a teacher would not state them. */
function lineTruth(made: MadeUp): LineTruth | undefined {
  const found = pointsOf(made);
  if (!found) return undefined;
  const { points, common } = found;
  const { throughZero } = made;
  const line = bestLine(points, throughZero);
  const [x] = made.columns as [KnownColumn];
  const at = Number(made.readAt) * x.factor;
  const height = ({ slope, intercept }: Line) => slope * at + intercept;
  const errors = standardErrors(points, line, throughZero);
  const barred = points.some(({ dx, dy }) => dx > 0 || dy > 0);
  const left = points.map((one) => one.x - one.dx);
  const right = points.map((one) => one.x + one.dx);
  const [from, to] = [Math.max(...left), Math.min(...right)];
  const endless = throughZero ? from <= 0 && to >= 0 : from <= to + 1e-12 * Math.abs(to);
  const lines = barred && !endless && made.rules.uncertaintyMeans === "limit" ? extremeLines(points, throughZero) : []; // prettier-ignore
  const own =
    lines.length > 0
      ? { slope: halfSpan(lines.map((one) => one.slope)), intercept: halfSpan(lines.map((one) => one.intercept)), height: halfSpan(lines.map(height)) } // prettier-ignore
      : { slope: errors.slope, intercept: errors.intercept, height: errors.height(at) };
  const { value: k, size } = made.constant;
  const along = (of: (line: Line) => number) =>
    Math.abs(slopeAlong(([one]) => of(bestLine(common(one as number), throughZero)), [k], 0)) *
    size;
  const whole = (part: number, of: (line: Line) => number) => combined(made.rules.propagation, [part, along(of)]); // prettier-ignore
  return {
    line,
    size: {
      slope: whole(own.slope, (one) => one.slope),
      intercept: whole(own.intercept, (one) => one.intercept),
      height: whole(own.height, height),
    },
    factors: { x: x.factor, y: 1 },
  };
}

function markResults(made: MadeUp, tex: readonly string[], said: Complaints): void {
  const truth = lineTruth(made);
  if (!truth) return;
  const [x] = made.columns as [KnownColumn];
  const at = Number(made.readAt) * x.factor;
  const { line, size } = truth;
  const state = (symbol: string) => tex.find((one) => one.startsWith(`${symbol} =`));
  const check = (symbol: string, value: number, own: number) => {
    const found = state(symbol);
    const room = Math.abs(line.slope * at) + Math.abs(line.intercept);
    if (found && (symbol === "p" || Math.abs(value) > 1e-9 * room)) markStatement(found, { value, size: own }, `result ${symbol}`, said); // prettier-ignore
  };
  check("p", line.slope, size.slope);
  if (!made.throughZero) check("q", line.intercept, size.intercept);
  check("r", line.slope * at + line.intercept, size.height);
}

/** Everything that a strict teacher finds wrong in a report. */
export function complaints(made: MadeUp): readonly string[] {
  const said: Complaints = [];
  const nodes: readonly ReportNode[] = printed(made.document);
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
