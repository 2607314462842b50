"use client";

import { FigurePage } from "../parts/FigurePage";
import { StageLayout } from "../parts/StageLayout";
import { SlopeMargin } from "./SlopeMargin";

/** Slope: the figure with its best line, and what the line says in the margin. */
export function SlopeRoom() {
  return (
    <StageLayout
      page={
        <div className="flex flex-col min-[900px]:h-full">
          <FigurePage />
        </div>
      }
      margin={<SlopeMargin />}
    />
  );
}
