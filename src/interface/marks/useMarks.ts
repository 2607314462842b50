"use client";

import { createContext, useContext, useDeferredValue, useEffect, useMemo, useState } from "react";
import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import type { Investigation } from "@/investigation/model/investigation";
import type { HouseRules } from "@/investigation/model/houseRules";
import { cellKey } from "@/investigation/model/row";
import { type PlacedFinding as Found, markKeyOf } from "@/pipeline/checks/check";
import { checkedTable } from "@/pipeline/checks/checkReadings";
import { gridColumns } from "@/pipeline/table/gridColumns";
import type { EvaluatedQuantity, EvaluatedTable } from "@/pipeline/table/table";
import type { StageId } from "@/wording/stages";
import { findingSentence } from "@/wording/findings";
import type { Steps } from "@/pipeline/readings/steps";
import { inTurns } from "../store/turns";
import { useHouseRules, useTables } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { grouped } from "./grouped";
import { lookAfter, type WrittenMark } from "./mark";
import { useFigureMarks } from "./useFigureMarks";
import { useReportMarks } from "./useReportMarks";

function calling({ quantity }: EvaluatedQuantity): RunText {
  const symbol = writeSymbol(quantity.symbol);
  return symbol.length > 0 ? symbol : [{ text: quantity.name || "unnamed" }];
}

const stageOf = ({ quantity }: EvaluatedQuantity): StageId =>
  quantity.formula === undefined ? "measure" : "derive";

const unmendable = new Set([
  "not-a-number",
  "comma-where-point-is-used",
  "fraction-is-no-reading",
  "number-too-large",
  "number-too-small",
  "uncertainty-below-zero",
]);

function markIn(
  table: EvaluatedTable,
  found: Found,
  dismissed: Investigation["dismissed"],
): WrittenMark | undefined {
  const evaluated = table.quantities.find(({ id }) => id === found.quantity);
  if (!evaluated) return undefined;
  const cell = cellKey(found.quantity, found.repeat ?? 1);
  const columns = gridColumns(table);
  const at = columns.findIndex((column) => column.cell === cell);
  const key = markKeyOf(found, table);
  const repeat =
    found.repeat !== undefined && evaluated.quantity.repeats > 1
      ? `repeat ${found.repeat} of `
      : "";
  const dismissable = !unmendable.has(found.finding.name);
  return {
    id: found.quantity,
    stage: stageOf(evaluated),
    keys: [key],
    key,
    dismissable,
    quantity: calling(evaluated),
    sentence: findingSentence(found.finding),
    table: table.id,
    row: found.row,
    column: Math.max(0, at),
    rowWords: found.row === undefined ? "" : `Row ${found.row + 1}, ${repeat}`,
    answer: dismissable ? dismissed[key] : undefined,
  };
}

type FoundIn = readonly { readonly table: EvaluatedTable; readonly found: readonly Found[] }[];

/** Looks at all tables, quantity by quantity and check by check. */
function* checkAll(tables: readonly EvaluatedTable[], rules: HouseRules): Steps<FoundIn> {
  const all: { table: EvaluatedTable; found: readonly Found[] }[] = [];
  for (const table of tables) all.push({ table, found: yield* checkedTable(table, rules) });
  return all;
}

const fewMarks = 300;

/** Whether nothing would be shown otherwise: the same marks on the same quantities. */
function sameMarks(before: FoundIn, now: FoundIn): boolean {
  return (
    before.length === now.length &&
    now.every(({ table, found }, index) => {
      const earlier = before[index];
      return (
        earlier !== undefined &&
        earlier.table.quantities === table.quantities &&
        gridColumns(earlier.table) === gridColumns(table) &&
        earlier.found.length === found.length &&
        found.length <= fewMarks &&
        JSON.stringify(earlier.found) === JSON.stringify(found)
      );
    })
  );
}

function useFound(): FoundIn {
  const tables = useDeferredValue(useTables());
  const rules = useHouseRules();
  const [found, setFound] = useState<FoundIn>([]);
  useEffect(() => {
    let current = true;
    const timer = setTimeout(() => {
      void inTurns(checkAll(tables, rules), () => current).then((all) => {
        if (all && current) setFound((before) => (sameMarks(before, all) ? before : all));
      });
    }, lookAfter(tables));
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [tables, rules]);
  return found;
}

/** The pencil marks of the open investigation, looked for once for all who show them (`MarksProvider`). */
export const MarksContext = createContext<readonly WrittenMark[]>([]);

/** Every pencil mark, those that were answered among them; a moment behind the keys. */
export function useMarksFound(): readonly WrittenMark[] {
  const found = useFound();
  const figures = useFigureMarks();
  const reported = useReportMarks();
  const dismissed = useInvestigation((state) => state.document.dismissed);
  const readings = useMemo(
    () =>
      grouped(
        found.flatMap(({ table, found: marks }) =>
          marks.flatMap((mark) => markIn(table, mark, dismissed) ?? []),
        ),
      ),
    [found, dismissed],
  );
  return useMemo(() => [...readings, ...figures, ...reported], [readings, figures, reported]);
}

/** The pencil marks, where they have been looked for. */
export function useMarks(): readonly WrittenMark[] {
  return useContext(MarksContext);
}
