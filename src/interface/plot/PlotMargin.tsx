"use client";

import { pointCount } from "@/figure/specification";
import { plainRunText } from "@/core/unit/runText";
import { describeFigure } from "@/investigation/acts/describeFigure";
import { figureTitle } from "@/pipeline/figure";
import { FigureInWords } from "../parts/FigureInWords";
import { MarginNote } from "../parts/StageLayout";
import { TextField } from "../parts/TextField";
import { useFigure, useFigureFit, useFigureSpecification } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import { AxisChoices } from "./AxisChoices";
import { TakeOut } from "./TakeOut";

function TitleField() {
  const chosen = useFigure();
  const fit = useFigureFit();
  const { act } = useActs();
  if (!chosen || !fit) return null;
  const { x, y } = fit;
  const proposed = figureTitle({ ...chosen.figure, title: "" }, x.quantity, y.quantity);
  return (
    <TextField
      label="Title"
      value={chosen.figure.title}
      placeholder={plainRunText(proposed)}
      onChange={(title) =>
        act(describeFigure, { figure: chosen.id, title }, `figure-title/${chosen.id}`)
      }
      className="mt-2"
    />
  );
}

/** The margin of Plot: axes, title, downloads, and the figure in words. */
export function PlotMargin() {
  const figure = useFigureSpecification();
  const drawn = figure && pointCount(figure).taking > 0;
  return (
    <>
      <MarginNote title="What is plotted">
        <AxisChoices />
        <TitleField />
      </MarginNote>
      {drawn && (
        <MarginNote title="Take the figure out">
          <TakeOut figure={figure} />
        </MarginNote>
      )}
      {drawn && (
        <MarginNote title="The figure in words">
          <FigureInWords figure={figure} />
        </MarginNote>
      )}
    </>
  );
}
