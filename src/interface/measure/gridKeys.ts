import type { KeyboardEvent } from "react";
import type { GridController } from "./GridController";

const page = 15;

function arrow(key: string): [rows: number, columns: number] | undefined {
  switch (key) {
    case "ArrowUp":
      return [-1, 0];
    case "ArrowDown":
      return [1, 0];
    case "ArrowLeft":
      return [0, -1];
    case "ArrowRight":
      return [0, 1];
    case "PageUp":
      return [-page, 0];
    case "PageDown":
      return [page, 0];
    default:
      return undefined;
  }
}

/** Keys that do the same whether a text is being entered or not; true when the key was ours. */
function onCommonKey(event: KeyboardEvent, controller: GridController): boolean {
  switch (event.key) {
    case "Enter":
      if (event.ctrlKey || event.metaKey) controller.showBig(true);
      else controller.move(event.shiftKey ? -1 : 1, 0);
      return true;
    case "Tab":
      return controller.step(event.shiftKey ? -1 : 1);
    case "F2":
      controller.edit();
      return true;
    default:
      return false;
  }
}

function onMovingKey(event: KeyboardEvent, controller: GridController): boolean {
  const control = event.ctrlKey || event.metaKey;
  const { active, corner } = controller.grid.getState();
  const { row } = event.shiftKey ? corner : active;
  switch (event.key) {
    case "Home":
      controller.goTo({ row: control ? 0 : row, column: 0 }, event.shiftKey);
      return true;
    case "End": {
      const last = controller.lastCell();
      controller.goTo(control ? last : { row, column: last.column }, event.shiftKey);
      return true;
    }
    case "Insert":
      controller.rowTools.insert();
      return true;
    case "Delete":
    case "Backspace":
      controller.clear();
      return true;
    case "Escape":
      controller.goTo(active);
      return true;
    case "f":
      if (!control) return false;
      controller.grid.setState({ finding: true });
      return true;
    case "a":
      if (!control) return false;
      controller.goTo({ row: 0, column: 0 });
      controller.goTo(controller.lastCell(), true);
      return true;
    default:
      return false;
  }
}

/** Alt with an arrow takes the rows of the range or the quantity along; with Shift, its topmost reading down the range. With Enter the chosen instrument gives its value. */
function onAltKey(event: KeyboardEvent, controller: GridController): boolean {
  if (event.key === "ArrowLeft" || event.key === "ArrowRight") {
    controller.moveQuantity(event.key === "ArrowLeft" ? -1 : 1);
    return true;
  }
  if (event.key === "Enter") return controller.takeValue();
  if (event.key !== "ArrowUp" && event.key !== "ArrowDown") return false;
  if (event.shiftKey) {
    if (event.key === "ArrowDown") controller.rowTools.fillDown();
    return true;
  }
  controller.rowTools.move(event.key === "ArrowUp" ? -1 : 1);
  return true;
}

/** The keyboard of the readings grid. */
export function onGridKey(event: KeyboardEvent, controller: GridController): void {
  if (event.nativeEvent.isComposing) return;
  const { mode } = controller.grid.getState();
  if (event.altKey) {
    if (onAltKey(event, controller)) event.preventDefault();
    return;
  }
  const way = arrow(event.key);
  let ours = onCommonKey(event, controller);
  if (!ours && mode !== "moving" && event.key === "Escape") {
    controller.cancel();
    ours = true;
  } else if (!ours && way && mode !== "editing" && !event.ctrlKey && !event.metaKey) {
    controller.move(...way, mode === "moving" && event.shiftKey);
    ours = true;
  } else if (!ours && mode === "moving") ours = onMovingKey(event, controller);
  if (ours) event.preventDefault();
}
