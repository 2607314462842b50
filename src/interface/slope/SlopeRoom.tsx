"use client";

import { FigurePage } from "../parts/FigurePage";
import { StageLayout } from "../parts/StageLayout";
import { SlopeMargin } from "./SlopeMargin";

/** Slope: the figure with its best line, and what the line says in the margin. */
export function SlopeRoom() {
  return <StageLayout page={<FigurePage />} margin={<SlopeMargin />} />;
}
