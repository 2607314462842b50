"use client";

import { measureTexts } from "@/wording/measureTexts";
import { ArrowLeft, ArrowRight, Copy, Eye, EyeOff, Trash2 } from "lucide-react";
import { hideQuantity } from "@/investigation/acts/hideQuantity";
import { limits } from "@/investigation/model/limits";
import { isRemarks } from "@/pipeline/readings/evaluated";
import { recurringWords, wordsOnly } from "@/pipeline/readings/recurringWords";
import type { EvaluatedQuantity } from "@/pipeline/table/table";
import { remarkWords, seriesWords } from "@/wording/pasting";
import { Button } from "../parts/Button";
import { QuantityLabel } from "../parts/QuantityLabel";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { useGridController, useGridPart } from "./MeasureContext";

/** The quantities that are out of the way, each with the way back. */
function Hidden() {
  const quantities = useGridPart(({ table }) => table.quantities);
  const { act } = useActs();
  const hidden = quantities.filter(({ quantity }) => quantity.hidden);
  if (hidden.length === 0) return null;
  return (
    <ul aria-label={measureTexts.hiddenQuantities} className="mt-1">
      {hidden.map(({ id, quantity }) => (
        <li key={id} className="flex items-center gap-2">
          <span className="text-soft min-w-0 flex-1 truncate">
            <QuantityLabel quantity={quantity} />
          </span>
          <Button look="quiet" onClick={() => act(hideQuantity, { quantity: id, hidden: false })}>
            <Eye aria-hidden size={15} /> {measureTexts.show}
          </Button>
        </li>
      ))}
    </ul>
  );
}

function useTools(evaluated: EvaluatedQuantity) {
  const { act } = useActs();
  const controller = useGridController();
  const { id } = evaluated;
  return {
    duplicate: () => controller.goToQuantity(controller.columnTools.duplicate(id)),
    remove: () => controller.columnTools.remove(evaluated),
    hide: () => act(hideQuantity, { quantity: id, hidden: true }),
    move: (step: 1 | -1) => controller.moveQuantity(step),
  };
}

/** Series by the words of the column in hand, where it holds words that come again; or remarks, where it holds words at all. */
function ByWords({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const rows = useGridPart(({ table }) => table.rows);
  const { columnTools } = useGridController();
  const room = useGridPart(({ table }) => limits.series - table.series.length);
  const words = recurringWords(evaluated, rows);
  const series = words && words.length <= room ? words : undefined;
  const remarks = !isRemarks(evaluated) && wordsOnly(evaluated, rows) !== undefined;
  if (!series && !remarks) return null;
  return (
    <p className="mt-2 flex flex-wrap items-center gap-2">
      {series ? seriesWords.said(series) : remarkWords.said}{" "}
      {series && (
        <Button onClick={() => columnTools.seriesBy(evaluated.id, series)}>
          {seriesWords.make}
        </Button>
      )}
      {remarks && (
        <Button onClick={() => columnTools.remarks(evaluated.id, "kept")}>
          {remarkWords.make}
        </Button>
      )}
    </p>
  );
}

/** Moves the quantity in hand, hides, duplicates or removes it. */
export function QuantityTools({ evaluated }: { evaluated: EvaluatedQuantity }) {
  const quantities = useGridPart(({ table }) => table.quantities);
  const { duplicate, remove, hide, move } = useTools(evaluated);
  const count = useInvestigation((state) => Object.keys(state.document.quantities).length);
  const shown = quantities.filter((other) => !other.quantity.hidden);
  const place = shown.findIndex((other) => other.id === evaluated.id);
  const last = place === shown.length - 1;
  return (
    <>
      <ByWords evaluated={evaluated} />
      <div className="mt-2 -ml-2.5 flex flex-wrap">
        <Button
          look="quiet"
          disabled={place <= 0}
          title={measureTexts.leftKey}
          onClick={() => move(-1)}
        >
          <ArrowLeft aria-hidden size={15} /> {measureTexts.moveLeft}
        </Button>
        <Button look="quiet" disabled={last} title={measureTexts.rightKey} onClick={() => move(1)}>
          <ArrowRight aria-hidden size={15} /> {measureTexts.moveRight}
        </Button>
        <Button look="quiet" disabled={shown.length < 2} onClick={hide}>
          <EyeOff aria-hidden size={15} /> {measureTexts.hide}
        </Button>
        <Button look="quiet" disabled={count >= limits.quantities} onClick={duplicate}>
          <Copy aria-hidden size={15} /> {measureTexts.duplicate}
        </Button>
        <Button look="quiet" onClick={remove}>
          <Trash2 aria-hidden size={15} /> {measureTexts.removeThisQuantity}
        </Button>
      </div>
      <Hidden />
    </>
  );
}
