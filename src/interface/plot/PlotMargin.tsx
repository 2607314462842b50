"use client";

import { plotTexts } from "@/wording/plotTexts";
import { useContext, useDeferredValue } from "react";
import { plainRunText } from "@/core/unit/runText";
import { axisLabel } from "@/figure/layout/axisLabel";
import { type FigureSpecification, pointCount } from "@/figure/specification";
import { StageMarks } from "../marks/StageMarks";
import { FigureInWords } from "../parts/FigureInWords";
import { MarginNote } from "../parts/StageLayout";
import { FigureInHandContext } from "../store/figureInHand";
import { useFigureSpecification } from "../store/useFigureSpecification";
import { seriesLookFurther } from "@/wording/looks";
import { SeriesLookPanel } from "./SeriesLookPanel";
import { AxisChoices } from "./AxisChoices";
import { AxisPanel } from "./AxisPanel";
import { Foldable } from "../parts/Foldable";
import { HearFigure } from "../pointing/HearFigure";
import { LookPanel } from "./LookPanel";
import { TakeOut } from "./TakeOut";
import { WordsPanel } from "./WordsPanel";
import { saidMemo } from "../language/saidMemo";

/** The words that are proposed along an axis. */
function proposedLabel(figure: FigureSpecification, axis: "x" | "y"): string {
  const own = { ...figure[axis], label: undefined };
  return plainRunText(axisLabel(own, 0, 8, 1e6, figure.style.headings).runs);
}

/** Axes, words, look and files of a figure; drawn anew a moment behind the hand that drags. */
const Blocks = saidMemo(function Blocks({ figure }: { figure: FigureSpecification }) {
  return (
    <>
      <Foldable title={plotTexts.axes} about="axes" fields={["x-axis-label", "y-axis-label"]}>
        <AxisPanel axis="y" proposed={proposedLabel(figure, "y")} />
        <div className="border-hairline my-3 border-t" />
        <AxisPanel axis="x" proposed={proposedLabel(figure, "x")} />
      </Foldable>
      <Foldable
        title={plotTexts.wordsOnTheFigure}
        about="words"
        fields={["figure-title", "figure-caption"]}
      >
        <WordsPanel figure={figure} />
      </Foldable>
      <Foldable title={plotTexts.lookAndPrintedSize}>
        <LookPanel figure={figure} />
      </Foldable>
      <Foldable title={seriesLookFurther.title}>
        <SeriesLookPanel />
      </Foldable>
      <MarginNote title={plotTexts.takeTheFigureOut}>
        <TakeOut figure={figure} />
      </MarginNote>
      <MarginNote title={plotTexts.theFigureInWords}>
        <FigureInWords figure={figure} />
      </MarginNote>
      <HearFigure />
    </>
  );
});

/** The margin of Plot: what is plotted, its axes, words and look, pencil marks, files, and the figure in words. */
export function PlotMargin() {
  const figure = useDeferredValue(useFigureSpecification());
  const count = figure && pointCount(figure);
  const { choose } = useContext(FigureInHandContext);
  const drawn = count && count.taking + count.aside > 0;
  return (
    <>
      <MarginNote title={plotTexts.whatIsPlotted} about="plotted">
        <AxisChoices />
      </MarginNote>
      <StageMarks stage="plot" go={({ id }) => choose(id)} />
      {drawn && <Blocks figure={figure} />}
    </>
  );
}
