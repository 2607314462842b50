"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { Ruler, Triangle } from "lucide-react";
import type { FigureSpecification } from "@/figure/specification";
import { Button } from "../parts/Button";
import { FigureLine } from "../parts/FigureLine";
import { FigurePage } from "../parts/FigurePage";
import { StageLayout } from "../parts/StageLayout";
import { SlopeMargin } from "./SlopeMargin";
import { SlopeTouch } from "./SlopeTouch";
import { useLay } from "./StraightedgesNote";
import { useTriangle } from "./TriangleNote";

/** What can be laid on the figure. */
function Tools() {
  const lay = useLay();
  const triangle = useTriangle();
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
  return (
    <StageLayout
      page={
        <FigurePage
          line={
            <>
              <FigureLine fixed />
              <Tools />
            </>
          }
          over={touched}
        />
      }
      margin={<SlopeMargin />}
    />
  );
}
