import { plainRunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import type { Quantity } from "@/investigation/model/quantity";
import type { FigureCheck } from "./figureCheck";

function namesOf({ name, symbol }: Quantity): string[] {
  return [name, symbol, plainRunText(writeSymbol(symbol))]
    .map((text) => text.trim().toLowerCase())
    .filter((text) => text !== "");
}

/** A title "x against y": what lies along the horizontal axis is named first. */
export const titleOrder: FigureCheck = ({ figure, fit }) => {
  const parts = figure.title.toLowerCase().split(/\s(?:against|versus|vs\.?)\s/);
  const [first, second] = parts.map((part) => part.trim());
  if (parts.length !== 2 || first === undefined || second === undefined) return [];
  const [x, y] = [namesOf(fit.x.quantity), namesOf(fit.y.quantity)];
  return x.includes(first) && y.includes(second) ? [{ name: "title-order" }] : [];
};
