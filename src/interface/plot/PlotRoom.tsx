"use client";

import { useCallback, useState } from "react";
import type { FigureSpecification } from "@/figure/specification";
import { FigurePage } from "../parts/FigurePage";
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
        <AskForFieldContext value={ask}>
          <FigurePage
            line={
              <>
                <FigureLine />
                <ReadOffSwitch mode={mode} onChange={setMode} />
              </>
            }
            over={over}
          />
        </AskForFieldContext>
      }
      margin={
        <FieldInHandContext value={asked}>
          <PlotMargin />
        </FieldInHandContext>
      }
    />
  );
}
