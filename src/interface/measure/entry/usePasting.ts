"use client";

import type { ClipboardEvent } from "react";
import { sayings } from "@/wording/sayings";
import { pastedBlock } from "../../filing/pastedBlock";
import { useGridController } from "../MeasureContext";

/** What a paste into the cell in hand does: the block is written from there on, and what was understood is said. */
export function usePasting(onSaid: (sentence: string) => void) {
  const controller = useGridController();
  return (event: ClipboardEvent) => {
    if (controller.grid.getState().mode === "editing") return;
    event.preventDefault();
    const html = event.clipboardData.getData("text/html");
    const plain = event.clipboardData.getData("text/plain");
    void pastedBlock(html, plain, controller.decimalMark()).then(async (block) =>
      onSaid(block.width === 0 ? sayings.measure.emptyClipboard : await controller.paste(block)),
    );
  };
}
