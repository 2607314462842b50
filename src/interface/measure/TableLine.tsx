"use client";

import { measureTexts } from "@/wording/measureTexts";
import { nanoid } from "nanoid";
import { useMemo } from "react";
import { addTable } from "@/investigation/acts/addTable";
import { nameTable } from "@/investigation/acts/nameTable";
import { removeTable } from "@/investigation/acts/removeTable";
import { inOrder } from "@/investigation/model/order";
import { limits } from "@/investigation/model/limits";
import { freeSymbol } from "@/intake/freeSymbol";
import { tableRemovalSentence } from "@/wording/removing";
import { Button } from "../parts/Button";
import { useQuantities } from "../store/useEvaluated";
import { useActs, useInvestigation, useInvestigationStore } from "../store/useInvestigation";
import { useGridController, useGridPart } from "./MeasureContext";
import { useTakenSymbols } from "../store/useSymbols";

/** What a table without a name is called. */
function calling({ name }: { name: string }, index: number): string {
  return name.trim() || measureTexts.tableIndex({ index: index + 1 });
}

interface Named {
  readonly id: string;
  readonly name: string;
}

/** The tables in their order, by name alone. */
function useTableNames(): readonly Named[] {
  const tables = useInvestigation((state) => state.document.tables);
  return useMemo(() => inOrder(tables).map(([id, { name }]) => ({ id, name })), [tables]);
}

function Tab({ table, index, chosen }: { table: Named; index: number; chosen: boolean }) {
  const controller = useGridController();
  const { act } = useActs();
  if (chosen) {
    return (
      <input
        aria-label={measureTexts.nameOfTheTableIn}
        value={table.name}
        placeholder={measureTexts.tableIndex({ index: index + 1 })}
        maxLength={200}
        size={Math.max(10, table.name.length + 1)}
        onChange={(event) =>
          act(nameTable, { table: table.id, name: event.target.value }, `table/${table.id}`)
        }
        className="border-brass max-w-64 min-w-24 border-b-2 bg-transparent px-2 py-1 font-semibold"
      />
    );
  }
  return (
    <button
      type="button"
      className="text-soft hover:text-ink max-w-64 truncate border-b-2 border-transparent px-2 py-1 font-semibold"
      onClick={() => controller.show({ table: table.id })}
    >
      {calling(table, index)}
    </button>
  );
}

/** The tables of the investigation side by side; the one in hand can be named here. One table needs no line. */
export function TableLine() {
  const tables = useTableNames();
  const inHand = useGridPart(({ table }) => table.id);
  if (tables.length < 2) return null;
  return (
    <div
      role="group"
      aria-label={measureTexts.tables}
      className="mb-2 flex flex-wrap items-center gap-1"
    >
      {tables.map((table, index) => (
        <Tab key={table.id} table={table} index={index} chosen={table.id === inHand} />
      ))}
    </div>
  );
}

/** Adds a table, or removes the one in hand. */
export function TableTools() {
  const tables = useTableNames();
  const quantities = useQuantities();
  const taken = useTakenSymbols();
  const controller = useGridController();
  const store = useInvestigationStore();
  const { act } = useActs();
  const add = () => {
    const id = nanoid(10);
    act(addTable, { id, name: "", quantity: nanoid(10), symbol: freeSymbol("q", taken) });
    controller.show({ table: id });
  };
  const remove = () => {
    const { table } = controller.view();
    const index = tables.findIndex(({ id }) => id === table.id);
    act(removeTable, { table: table.id });
    store.setState({ notice: tableRemovalSentence(calling(table, index), table.rows.length) });
    controller.show({});
  };
  const full = tables.length >= limits.tables || quantities.length >= limits.quantities;
  return (
    <>
      <Button disabled={full} onClick={add}>
        {measureTexts.addATable}
      </Button>
      {tables.length > 1 && <Button onClick={remove}>{measureTexts.removeThisTable}</Button>}
    </>
  );
}
