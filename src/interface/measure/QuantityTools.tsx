"use client";

import { ArrowLeft, ArrowRight, Copy, Trash2 } from "lucide-react";
import { nanoid } from "nanoid";
import { duplicateQuantity } from "@/investigation/acts/duplicateQuantity";
import { moveQuantity } from "@/investigation/acts/moveQuantity";
import { removeQuantity } from "@/investigation/acts/removeQuantity";
import { limits } from "@/investigation/model/limits";
import { freeSymbol } from "@/intake/pastePlan";
import type { EvaluatedQuantity } from "@/pipeline/table";
import { Button } from "../parts/Button";
import { useActs } from "../store/useInvestigation";
import { useGridController } from "./MeasureContext";

interface Props {
  column: number;
  quantities: readonly EvaluatedQuantity[];
}

/** Moves the quantity in hand, duplicates it, or removes it. */
export function QuantityTools({ column, quantities }: Props) {
  const { act } = useActs();
  const controller = useGridController();
  const evaluated = quantities[column];
  if (!evaluated) return null;
  const { id, quantity } = evaluated;
  const goTo = (to: number) =>
    controller.goTo({ ...controller.grid.getState().active, column: to });
  const move = (step: 1 | -1) => {
    const before = quantities[step < 0 ? column - 1 : column + 2]?.id ?? null;
    act(moveQuantity, { quantity: id, before });
    goTo(column + step);
  };
  const duplicate = () => {
    const taken = new Set(quantities.map((other) => other.quantity.symbol));
    act(duplicateQuantity, {
      quantity: id,
      id: nanoid(10),
      symbol: freeSymbol(quantity.symbol, taken),
    });
    goTo(column + 1);
  };
  return (
    <div className="mt-2 -ml-2.5 flex flex-wrap">
      <Button look="quiet" disabled={column === 0} onClick={() => move(-1)}>
        <ArrowLeft aria-hidden size={15} /> Move left
      </Button>
      <Button look="quiet" disabled={column === quantities.length - 1} onClick={() => move(1)}>
        <ArrowRight aria-hidden size={15} /> Move right
      </Button>
      <Button look="quiet" disabled={quantities.length >= limits.quantities} onClick={duplicate}>
        <Copy aria-hidden size={15} /> Duplicate
      </Button>
      <Button look="quiet" onClick={() => act(removeQuantity, { quantity: id })}>
        <Trash2 aria-hidden size={15} /> Remove this quantity
      </Button>
    </div>
  );
}
