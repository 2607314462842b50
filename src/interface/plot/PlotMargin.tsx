"use client";

import { type ReactNode, useContext } from "react";
import { plainRunText } from "@/core/unit/runText";
import { axisLabel } from "@/figure/layout/axisLabel";
import { type FigureSpecification, pointCount } from "@/figure/specification";
import { StageMarks } from "../marks/StageMarks";
import { FigureInWords } from "../parts/FigureInWords";
import { MarginNote } from "../parts/StageLayout";
import { FigureInHandContext } from "../store/figureInHand";
import { useFigureSpecification } from "../store/useEvaluated";
import { AxisChoices } from "./AxisChoices";
import { AxisPanel } from "./AxisPanel";
import { LookPanel } from "./LookPanel";
import { TakeOut } from "./TakeOut";
import { WordsPanel } from "./WordsPanel";

/** A block of the margin that is opened when it is wanted. */
function Foldable({ title, children }: { title: string; children: ReactNode }) {
  return (
    <details className="group py-4">
      <summary className="cursor-pointer font-serif text-[15px] font-semibold">{title}</summary>
      <div className="mt-2">{children}</div>
    </details>
  );
}

/** The words that are proposed along an axis. */
function proposedLabel(figure: FigureSpecification, axis: "x" | "y"): string {
  const own = { ...figure[axis], label: undefined };
  return plainRunText(axisLabel(own, 0, 8, 1e6, figure.style.headings).runs);
}

/** The margin of Plot: what is plotted, its axes, words and look, pencil marks, files, and the figure in words. */
export function PlotMargin() {
  const figure = useFigureSpecification();
  const count = figure && pointCount(figure);
  const { choose } = useContext(FigureInHandContext);
  const drawn = count && count.taking + count.aside > 0;
  return (
    <>
      <MarginNote title="What is plotted">
        <AxisChoices />
      </MarginNote>
      <StageMarks stage="plot" go={({ id }) => choose(id)} />
      {drawn && (
        <>
          <Foldable title="Axes">
            <AxisPanel axis="y" proposed={proposedLabel(figure, "y")} />
            <div className="border-hairline my-3 border-t" />
            <AxisPanel axis="x" proposed={proposedLabel(figure, "x")} />
          </Foldable>
          <Foldable title="Words on the figure">
            <WordsPanel figure={figure} />
          </Foldable>
          <Foldable title="Look and printed size">
            <LookPanel />
          </Foldable>
          <MarginNote title="Take the figure out">
            <TakeOut figure={figure} />
          </MarginNote>
          <MarginNote title="The figure in words">
            <FigureInWords figure={figure} />
          </MarginNote>
        </>
      )}
    </>
  );
}
