"use client";

import { straightenTexts } from "@/wording/straightenTexts";
import { setBoard } from "@/investigation/acts/setBoard";
import { ownTransform } from "@/core/straighten/transforms";
import { isRemarks } from "@/pipeline/readings/evaluated";
import type { Straightening } from "@/pipeline/straighten/straightening";
import { Choice } from "../parts/Choice";
import { QuantityLabel } from "../parts/QuantityLabel";
import { TextField } from "../parts/TextField";
import { useTables } from "../store/useEvaluated";
import { useActs, useInvestigation } from "../store/useInvestigation";

/** Which two quantities are paired on the board, and a transform of one's own for each. */
export function BoardChoices({ whole }: { whole: Straightening }) {
  const { act } = useActs();
  const tables = useTables();
  const { ownX, ownY } = useInvestigation((state) => state.document.board);
  const options = tables.flatMap(({ quantities }) =>
    quantities
      .filter((one) => !one.quantity.hidden && !isRemarks(one))
      .map(({ id, quantity }) => ({ value: id, label: <QuantityLabel quantity={quantity} /> })),
  );
  /** Both quantities stand in one table; where a choice leaves it, the other is found anew. */
  const choose = (axis: "x" | "y", id: string) => {
    const other = axis === "x" ? whole.y : whole.x;
    const table = tables.find(({ quantities }) => quantities.some((one) => one.id === id));
    const stays = table?.id === whole.table.id && other.id !== id;
    const rest = stays ? other.id : (table?.quantities.find((one) => one.id !== id)?.id ?? null);
    act(setBoard, { change: axis === "x" ? { x: id, y: rest } : { y: id, x: rest } });
  };
  const own = (axis: "x" | "y", value: string) => {
    const symbol = (axis === "x" ? whole.x : whole.y).quantity.symbol;
    const problem =
      value.trim() !== "" && !ownTransform(value, symbol)
        ? straightenTexts.writeAFormulaInSymbol({ symbol })
        : undefined;
    return (
      <TextField
        label={axis === "x" ? straightenTexts.oneSOwnAcross : straightenTexts.oneSOwnUp}
        value={value}
        placeholder={symbol ? `1/(${symbol} + 0.1)` : ""}
        {...(problem !== undefined && { problem })}
        onChange={(text) =>
          act(setBoard, { change: axis === "x" ? { ownX: text } : { ownY: text } }, `own-${axis}`)
        }
      />
    );
  };
  return (
    <div className="mb-3 grid grid-cols-2 items-start gap-x-4 gap-y-2 min-[700px]:grid-cols-[1fr_1fr_9rem_9rem]">
      <Choice
        label={straightenTexts.up}
        value={whole.y.id}
        options={options}
        onChange={(id) => choose("y", id)}
      />
      <Choice
        label={straightenTexts.across}
        value={whole.x.id}
        options={options}
        onChange={(id) => choose("x", id)}
      />
      {own("y", ownY)}
      {own("x", ownX)}
    </div>
  );
}
