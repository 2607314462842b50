import type { FigureLabel } from "../model/figure";
import { orderAtEnd } from "../model/order";
import { act } from "./act";

/** Writes words on a figure, or changes or moves those that stand there. */
export const putLabel = act<{
  figure: string;
  id: string;
  label: Partial<Omit<FigureLabel, "order">>;
}>("put-label", (draft, { figure, id, label }) => {
  const labels = draft.figures[figure]?.labels;
  if (!labels) return;
  const before = labels[id] ?? { order: orderAtEnd(labels), text: "", x: 0, y: 0 };
  labels[id] = { ...before, ...label };
});
