"use client";

import { FigurePage } from "../parts/FigurePage";
import { StageLayout } from "../parts/StageLayout";
import { PlotMargin } from "./PlotMargin";

/** Plot: the figure on the page, its axes and title in the margin. */
export function PlotRoom() {
  return <StageLayout page={<FigurePage />} margin={<PlotMargin />} />;
}
