"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { Ruler, Triangle } from "lucide-react";
import type { FigureSpecification } from "@/figure/specification";
import { Button } from "../parts/Button";
import { FigureLine } from "../parts/FigureLine";
import { FigureHeading, FigurePage } from "../parts/FigurePage";
import { StageLayout } from "../parts/StageLayout";
import { useFigureSpecification } from "../store/useFigureSpecification";
import { SlopeMargin } from "./SlopeMargin";
import { SlopeTouch } from "./SlopeTouch";
import { useLay } from "./StraightedgesNote";
import { useTriangle } from "./TriangleNote";

/** What can be laid on the figure. */
function Tools({ figure }: { figure: FigureSpecification | undefined }) {
  const lay = useLay(figure);
  const triangle = useTriangle(figure);
  return (
    <div role="group" aria-label={slopeTexts.onTheFigure} className="ml-auto flex gap-1">
      <Button disabled={!lay} onClick={lay}>
        <Ruler aria-hidden size={14} /> {slopeTexts.layAStraightedge}
      </Button>
      <Button
        look={triangle?.drawn ? "plain" : "quiet"}
        aria-pressed={triangle?.drawn ?? false}
        disabled={!triangle}
        onClick={triangle?.toggle}
      >
        <Triangle aria-hidden size={14} /> {slopeTexts.slopeTriangle}
      </Button>
    </div>
  );
}

const touched = (shown: FigureSpecification) => <SlopeTouch figure={shown} />;

/** Slope: the figure with its lines, straightedges and slope triangle to be touched; what they say in the margin. */
export function SlopeRoom() {
  const figure = useFigureSpecification();
  return (
    <StageLayout
      page={
        <div className="flex flex-col min-[900px]:h-full">
          <FigureHeading />
          <div className="mb-2 flex flex-wrap items-center gap-2">
            <FigureLine fixed />
            <Tools figure={figure} />
          </div>
          <FigurePage over={touched} />
        </div>
      }
      margin={<SlopeMargin specification={figure} />}
    />
  );
}
