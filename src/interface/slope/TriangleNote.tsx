"use client";

import { slopeWordText } from "@/wording/slopeWord";
import { slopeTexts } from "@/wording/slopeTexts";
import { layFrame } from "@/figure/layout/frame";
import { drawTriangle } from "@/investigation/acts/drawTriangle";
import type { SlopeTriangle } from "@/investigation/model/figure";
import type { FigureFit } from "@/pipeline/lines/fit";
import { triangleWorking } from "@/pipeline/lines/triangleWorking";
import { triangleRemarks } from "@/wording/lines";
import { Scrolled } from "../parts/Scrolled";
import { MarginNote } from "../parts/StageLayout";
import { Typeset } from "../parts/Typeset";
import { useFigure, useHouseRules } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";
import { useFigureSpecification, useFigureWhenAsked } from "../store/useFigureSpecification";
import { useActs } from "../store/useInvestigation";
import { grainOf, toGrain } from "./straightedgeHands";

function ends({ lines }: FigureFit): [number, number] | undefined {
  const x = lines[0]?.fitted.xValues;
  if (!x || x.length < 2) return undefined;
  return [x.reduce((a, b) => Math.min(a, b)), x.reduce((a, b) => Math.max(a, b))];
}

/** Whether an x is that of a reading, as far as one can see on the paper. */
function onReading(x: number, { lines }: FigureFit, grain: number): boolean {
  return lines[0]?.fitted.xValues.some((value) => Math.abs(value - x) < grain * 0.3) ?? false;
}

/** Draws a large slope triangle between the outer readings, off the readings, or takes it away. */
export function useTriangle() {
  const figureNow = useFigureWhenAsked();
  const chosen = useFigure();
  const fit = useFigureFit();
  const { act } = useActs();
  const range = fit && ends(fit);
  if (!chosen || !fit || !range || fit.lines[0]?.outcome.kind !== "line") return undefined;
  const { id, figure: own } = chosen;
  const drawn = own.triangle !== null;
  const toggle = () => {
    if (drawn) return act(drawTriangle, { figure: id, triangle: null });
    const figure = figureNow();
    if (!figure) return;
    const grain = grainOf(layFrame(figure));
    const free = (x: number, step: number) => {
      let place = toGrain(x, grain);
      for (let turn = 0; turn < 5 && onReading(place, fit, grain); turn++) place += step * grain;
      return toGrain(place, grain);
    };
    const [low, high] = range;
    const span = high - low;
    const triangle = { from: free(low + 0.1 * span, 1), to: free(high - 0.1 * span, -1) };
    if (triangle.from !== triangle.to) act(drawTriangle, { figure: id, triangle });
  };
  return { drawn, toggle };
}

function Working({ triangle }: { triangle: SlopeTriangle }) {
  const figure = useFigureSpecification();
  const fit = useFigureFit();
  const { decimalMark, slopeWord } = useHouseRules();
  const range = fit && ends(fit);
  const outcome = fit?.lines[0]?.outcome;
  if (!figure || !fit || !range || outcome?.kind !== "line") return null;
  const grain = grainOf(layFrame(figure));
  const remarks = triangleRemarks({
    small: Math.abs(triangle.to - triangle.from) < (range[1] - range[0]) / 2,
    onReading: onReading(triangle.from, fit, grain) || onReading(triangle.to, fit, grain),
  });
  return (
    <MarginNote title={slopeTexts.slopeTriangle} about="triangle">
      <Scrolled testId="triangle-working" label={slopeWordText(slopeWord)}>
        {slopeWordText(slopeWord)} ={" "}
        <Typeset tex={triangleWorking(fit, triangle, outcome.line.slope, decimalMark)} />
      </Scrolled>
      {remarks.map((remark) => (
        <p key={remark} className="text-soft mt-1">
          {remark}
        </p>
      ))}
    </MarginNote>
  );
}

/** The working of the slope triangle, and what a strict teacher would say of it. */
export function TriangleNote() {
  const triangle = useFigure()?.figure.triangle;
  return triangle ? <Working triangle={triangle} /> : null;
}
