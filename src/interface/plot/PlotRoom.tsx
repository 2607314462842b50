"use client";

import { useCallback, useState } from "react";
import type { FigureSpecification } from "@/figure/specification";
import { FigureHeading, FigurePage } from "../parts/FigurePage";
import { StageLayout } from "../parts/StageLayout";
import { AskForFieldContext, FieldInHandContext } from "../parts/fieldInHand";
import { FigureLine } from "../parts/FigureLine";
import { PlotMargin } from "./PlotMargin";
import { FigureTouch, type TouchMode } from "./FigureTouch";
import { PointSlide } from "./PointSlide";
import { ReadOffSwitch } from "./ReadOffSwitch";

/** Plot: the figure on the page, to be touched; its axes, words and look in the margin. */
export function PlotRoom() {
  const [mode, setMode] = useState<TouchMode>("points");
  const [asked, setAsked] = useState<{ field: string }>();
  const ask = useCallback((field: string) => setAsked({ field }), []);
  const over = useCallback(
    (figure: FigureSpecification) => (
      <>
        <PointSlide figure={figure} />
        <FigureTouch figure={figure} mode={mode} />
      </>
    ),
    [mode],
  );
  return (
    <StageLayout
      page={
        <div className="flex flex-col min-[900px]:h-full">
          <FigureHeading />
          <div className="mb-2 flex flex-wrap items-center gap-2">
            <FigureLine />
            <ReadOffSwitch mode={mode} onChange={setMode} />
          </div>
          <AskForFieldContext value={ask}>
            <FigurePage over={over} />
          </AskForFieldContext>
        </div>
      }
      margin={
        <FieldInHandContext value={asked}>
          <PlotMargin />
        </FieldInHandContext>
      }
    />
  );
}
