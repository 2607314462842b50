"use client";

import type { ClipboardEvent } from "react";
import { gridMenuWords } from "@/wording/gridMenu";
import { sayings } from "@/wording/sayings";
import { pastedBlock } from "../../filing/pastedBlock";
import type { GridController } from "../GridController";
import { useGridController } from "../MeasureContext";

/** Writes what is on the clipboard from the cell in hand on, where the browser lets the page read it. */
export async function pasteFromClipboard(
  controller: GridController,
  onSaid: (sentence: string) => void,
): Promise<void> {
  const plain = await navigator.clipboard.readText().catch(() => undefined);
  if (plain === undefined) {
    onSaid(gridMenuWords.noClipboard);
    return;
  }
  const block = await pastedBlock("", plain, controller.decimalMark());
  onSaid(block.width === 0 ? sayings.measure.emptyClipboard : await controller.paste(block));
}

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
