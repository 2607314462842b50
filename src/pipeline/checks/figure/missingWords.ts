import type { FigureCheck } from "./figureCheck";

/** An axis without a unit, unless it is worked out as a pure number, or a figure without a caption of one's own. */
export const missingWords: FigureCheck = ({ figure, fit }) => {
  const unitless = [fit.x, fit.y].filter(
    ({ quantity, derived }) => quantity.unit.trim() === "" && !derived?.column,
  );
  const first = unitless[0]?.quantity;
  return [
    ...(first ? [{ name: "axis-without-unit", symbol: first.symbol || first.name } as const] : []),
    ...(figure.caption.trim() === "" ? [{ name: "no-caption" } as const] : []),
  ];
};
