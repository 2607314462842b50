import type { FigureCheck } from "./figureCheck";

/** A further quantity that was put on the paper, but has another unit by now. */
export const otherUnits: FigureCheck = ({ figure, fit }) => {
  const shown = new Set(fit.also.map(({ id }) => id));
  const left = fit.table.quantities.find(
    ({ id }) => id in figure.also && !shown.has(id) && id !== fit.y.id,
  );
  return left ? [{ name: "other-unit", symbol: left.quantity.symbol }] : [];
};
