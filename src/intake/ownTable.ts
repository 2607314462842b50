import { readReason } from "@/wording/settingAside";
import type { IncomingTable } from "@/investigation/acts/bringInTable";
import { renamedInFormula } from "@/core/expression/renamedInFormula";
import {
  noFormulaYet,
  ownColumns,
  ownLines,
  readAsideText,
  readSeriesText,
  wholeRowWords,
  workedOutUnit,
} from "@/investigation/exchange/tableLines";
import { readUncertaintyText } from "@/investigation/exchange/uncertaintyText";
import { houseRuleValues } from "@/investigation/model/houseRules";
import type { Investigation } from "@/investigation/model/investigation";
import { limits } from "@/investigation/model/limits";
import type { Quantity } from "@/investigation/model/quantity";
import { cellKey, type Row, wholeRow } from "@/investigation/model/row";
import type { Cells } from "./cellKinds";
import { inHouseMark } from "./decimalMarks";
import { freeSymbol } from "./freeSymbol";

type Line = keyof typeof ownLines;

function lineAt(cells: Cells, line: Line): number {
  return cells.findIndex(([first]) => first === ownLines[line]);
}

/** Whether cells carry the lines with which tables are taken out here. */
export function isOwnTable(cells: Cells): boolean {
  const needed: readonly Line[] = ["table", "symbol", "repeat", "rows"];
  return cells[0]?.[0] === ownLines.table && needed.every((line) => lineAt(cells, line) >= 0);
}

function oneOf<Value extends string>(text: string, values: readonly Value[]): Value | "house" {
  return values.find((value) => value === text) ?? "house";
}

interface Column {
  readonly symbol: string;
  readonly repeat: number;
  readonly at: number;
}

function columnsOf(cells: Cells): Column[] {
  const symbols = cells[lineAt(cells, "symbol")] ?? [];
  const repeats = cells[lineAt(cells, "repeat")] ?? [];
  return repeats.flatMap((text, at) => {
    const repeat = Number(text);
    const fits = at > 0 && Number.isInteger(repeat) && repeat >= 1 && repeat <= limits.repeats;
    return fits ? [{ symbol: symbols[at] ?? "", repeat, at }] : [];
  });
}

function remarksOf(text: string): Pick<Quantity, "remarks"> {
  return text === "kept" || text === "reported" ? { remarks: text } : {};
}

function wishedUnit(text: string): string {
  return text.startsWith(workedOutUnit) ? "" : text;
}

function quantityAt(cells: Cells, at: number): Omit<Quantity, "order" | "table" | "symbol"> {
  const say = (line: Line) => cells[lineAt(cells, line)]?.[at] ?? "";
  const repeats = Number(say("repeats"));
  return {
    name: say("name"),
    unit: wishedUnit(say("unit")),
    uncertainty: readUncertaintyText(say("uncertainty")),
    repeats: Number.isInteger(repeats) && repeats >= 1 ? Math.min(repeats, limits.repeats) : 1,
    spread: oneOf(say("spread"), houseRuleValues.spread),
    combination: oneOf(say("combination"), houseRuleValues.combination),
    instrument: say("instrument"),
    resolution: say("resolution"),
    ...(say("formula") !== "" && {
      formula: say("formula") === noFormulaYet ? "" : say("formula"),
    }),
    ...(say("hidden") === "yes" && { hidden: true }),
    ...remarksOf(say("remarks")),
  };
}

interface Named {
  readonly id: string;
  readonly was: string;
  readonly quantity: Omit<Quantity, "order" | "table">;
}

/** Symbols that had to be changed are changed in the formula too. */
function withFormulaOf(one: Named, all: readonly Named[]): Named {
  const { formula } = one.quantity;
  if (formula === undefined) return one;
  const renamed = all.reduce(
    (text, { was, quantity }) =>
      was === quantity.symbol ? text : renamedInFormula(text, was, quantity.symbol),
    formula,
  );
  return { ...one, quantity: { ...one.quantity, formula: renamed } };
}

function quantitiesOf(cells: Cells, document: Investigation, newId: () => string): Named[] {
  const taken = new Set(
    [...Object.values(document.quantities), ...Object.values(document.constants)].map(
      ({ symbol }) => symbol,
    ),
  );
  const named = columnsOf(cells)
    .filter(({ repeat }) => repeat === 1)
    .map(({ symbol: was, at }): Named => {
      const symbol = freeSymbol(was, taken);
      taken.add(symbol);
      return { id: newId(), was, quantity: { ...quantityAt(cells, at), symbol } };
    });
  return named.map((plain) => {
    const one = withFormulaOf(plain, named);
    const { uncertainty } = one.quantity;
    if (uncertainty.kind !== "column") return one;
    const column = named.find(({ was }) => was === uncertainty.column)?.id;
    const meant = column ? ({ kind: "column", column } as const) : ({ kind: "none" } as const);
    return { ...one, quantity: { ...one.quantity, uncertainty: meant } };
  });
}

/** "whole row: misread | t_10 2: slipped" → reasons by cell key. */
function asideOf(text: string, named: readonly Named[]): Row["setAside"] {
  const entries = readAsideText(text).flatMap(({ place, reason }) => {
    if (place === wholeRowWords) return [[wholeRow, readReason(reason)]];
    const match = /^(.*) (\d+)$/s.exec(place);
    const id = named.find(({ was }) => was === match?.[1])?.id;
    return id ? [[cellKey(id, Number(match?.[2])), readReason(reason)]] : [];
  });
  return entries.length > 0 ? (Object.fromEntries(entries) as Row["setAside"]) : undefined;
}

/** A table that was taken out here, as it was, under fresh ids; symbols that are taken get a subscript. */
export function ownTable(
  cells: Cells,
  document: Investigation,
  newId: () => string,
): IncomingTable {
  const named = quantitiesOf(cells, document, newId);
  const columns = columnsOf(cells);
  const start = lineAt(cells, "rows");
  const headings = cells[start] ?? [];
  const [seriesAt, asideAt] = [ownColumns.series, ownColumns.aside].map((text) =>
    headings.lastIndexOf(text),
  ) as [number, number];
  const series = new Map<string, string>();
  const written = cells[lineAt(cells, "mark")]?.[1] === "comma" ? "comma" : "point";
  const inHouse = (text: string) => inHouseMark(text, written, document.houseRules.decimalMark);
  const rows = cells
    .slice(start + 1)
    .map((texts): { id: string; row: Omit<Row, "order" | "table"> } => {
      const readings: Record<string, string> = {};
      for (const { symbol, repeat, at } of columns) {
        const found = named.find(({ was }) => was === symbol);
        const id = found?.quantity.formula === undefined ? found?.id : undefined;
        if (id && texts[at]) readings[cellKey(id, repeat)] = inHouse(texts[at]);
      }
      const name = seriesAt > 0 ? (texts[seriesAt] ?? "") : "";
      if (name !== "" && !series.has(name)) series.set(name, newId());
      const aside = asideAt > 0 ? asideOf(texts[asideAt] ?? "", named) : undefined;
      const belongs = series.get(name);
      return {
        id: newId(),
        row: { readings, ...(belongs && { series: belongs }), ...(aside && { setAside: aside }) },
      };
    });
  return {
    id: newId(),
    name: cells[0]?.[1] ?? "",
    rows,
    quantities: named.map(({ id, quantity }) => ({ id, quantity })),
    series: [...series].map(([name, id]) => ({ id, series: { name: readSeriesText(name) } })),
  };
}
