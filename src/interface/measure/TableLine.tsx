"use client";

import { nanoid } from "nanoid";
import { addTable } from "@/investigation/acts/addTable";
import { nameTable } from "@/investigation/acts/nameTable";
import { removeTable } from "@/investigation/acts/removeTable";
import { limits } from "@/investigation/model/limits";
import { freeSymbol } from "@/intake/freeSymbol";
import type { EvaluatedTable } from "@/pipeline/table";
import { tableRemovalSentence } from "@/wording/removing";
import { Button } from "../parts/Button";
import { useQuantities, useTables } from "../store/useEvaluated";
import { useActs, useInvestigationStore } from "../store/useInvestigation";
import { useGridController, useGridView } from "./MeasureContext";
import { useTakenSymbols } from "./useSymbols";

/** What a table without a name is called. */
function calling({ name }: EvaluatedTable, index: number): string {
  return name.trim() || `Table ${index + 1}`;
}

function Tab({ table, index, chosen }: { table: EvaluatedTable; index: number; chosen: boolean }) {
  const controller = useGridController();
  const { act } = useActs();
  if (chosen) {
    return (
      <input
        aria-label="Name of the table in hand"
        value={table.name}
        placeholder={`Table ${index + 1}`}
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
  const tables = useTables();
  const { table: inHand } = useGridView();
  if (tables.length < 2) return null;
  return (
    <div role="group" aria-label="Tables" className="mb-2 flex flex-wrap items-center gap-1">
      {tables.map((table, index) => (
        <Tab key={table.id} table={table} index={index} chosen={table.id === inHand.id} />
      ))}
    </div>
  );
}

/** Adds a table, or removes the one in hand. */
export function TableTools() {
  const tables = useTables();
  const { table: inHand } = useGridView();
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
    const index = tables.findIndex(({ id }) => id === inHand.id);
    act(removeTable, { table: inHand.id });
    store.setState({ notice: tableRemovalSentence(calling(inHand, index), inHand.rows.length) });
    controller.show({});
  };
  const full = tables.length >= limits.tables || quantities.length >= limits.quantities;
  return (
    <>
      <Button disabled={full} onClick={add}>
        Add a table
      </Button>
      {tables.length > 1 && <Button onClick={remove}>Remove this table</Button>}
    </>
  );
}
