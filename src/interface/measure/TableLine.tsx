"use client";

import { nanoid } from "nanoid";
import { addTable } from "@/investigation/acts/addTable";
import { nameTable } from "@/investigation/acts/nameTable";
import { removeTable } from "@/investigation/acts/removeTable";
import { limits } from "@/investigation/model/limits";
import { freeSymbol } from "@/intake/freeSymbol";
import type { EvaluatedTable } from "@/pipeline/table";
import { Button } from "../parts/Button";
import { useQuantities, useTables } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import { useGridController, useGridView } from "./MeasureContext";

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

/** The tables of the investigation side by side; the one in hand can be named here. */
export function TableLine() {
  const tables = useTables();
  const { table: inHand } = useGridView();
  const quantities = useQuantities();
  const controller = useGridController();
  const { act } = useActs();
  const add = () => {
    const taken = new Set(quantities.map(({ quantity }) => quantity.symbol));
    const id = nanoid(10);
    act(addTable, { id, name: "", quantity: nanoid(10), symbol: freeSymbol("q", taken) });
    controller.show({ table: id });
  };
  const remove = () => {
    act(removeTable, { table: inHand.id });
    controller.show({});
  };
  const full = tables.length >= limits.tables || quantities.length >= limits.quantities;
  return (
    <div className="mb-2 flex flex-wrap items-center gap-1">
      {tables.length > 1 &&
        tables.map((table, index) => (
          <Tab key={table.id} table={table} index={index} chosen={table.id === inHand.id} />
        ))}
      <Button
        look="quiet"
        disabled={full}
        onClick={add}
        className={tables.length > 1 ? "" : "-ml-2.5"}
      >
        Add a table
      </Button>
      {tables.length > 1 && (
        <Button look="quiet" onClick={remove}>
          Remove this table
        </Button>
      )}
    </div>
  );
}
