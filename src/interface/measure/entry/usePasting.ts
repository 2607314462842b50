"use client";

import type { ClipboardEvent } from "react";
import { gridMenuWords } from "@/wording/gridMenu";
import { laterWords } from "@/wording/later";
import { sayings } from "@/wording/sayings";
import { Later } from "../../later/Later";
import { useLater } from "../../later/useLater";
import type { GridController, PlaceOfPaste } from "../GridController";
import { useGridController } from "../MeasureContext";

/** What takes apart what was copied. */
const taking = new Later(() => import("../../filing/pastedBlock"));

/** Writes what was copied where the paste was begun. @returns what was understood of it, in a sentence. */
async function write(
  controller: GridController,
  place: PlaceOfPaste,
  { html, plain }: { readonly html: string; readonly plain: string },
): Promise<string> {
  const script = await taking.fetch().catch(() => undefined);
  if (!script) return laterWords.notPasted;
  const block = await script.pastedBlock(html, plain, controller.decimalMark());
  return block.width === 0 ? sayings.measure.emptyClipboard : controller.paste(block, place);
}

/** Writes what is on the clipboard from the cell in hand on, where the browser lets the page read it. */
export async function pasteFromClipboard(
  controller: GridController,
  onSaid: (sentence: string) => void,
): Promise<void> {
  const place = controller.placeOfPaste();
  const plain = await navigator.clipboard.readText().catch(() => undefined);
  if (plain === undefined) {
    onSaid(gridMenuWords.noClipboard);
    return;
  }
  onSaid(await write(controller, place, { html: "", plain }));
}

/** What a paste into the cell in hand does: the block is written from there on, and what was understood is said. */
export function usePasting(onSaid: (sentence: string) => void) {
  const controller = useGridController();
  useLater(taking);
  return (event: ClipboardEvent) => {
    if (controller.grid.getState().mode === "editing") return;
    event.preventDefault();
    const html = event.clipboardData.getData("text/html");
    const plain = event.clipboardData.getData("text/plain");
    void write(controller, controller.placeOfPaste(), { html, plain }).then(onSaid);
  };
}
