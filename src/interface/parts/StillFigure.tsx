"use client";

import { remembered } from "@/remembered/remembered";
import { useCallback, useMemo } from "react";
import { svgElements } from "@/figure/render/svgElement";
import type { FigureSpecification } from "@/figure/specification";
import { figureDescription } from "@/wording/figures";
import { drawnShape } from "./drawnShapes";
import { SceneView } from "./SceneView";
import { screenFigure } from "./screenFigure";
import { isCrowded, sceneOf } from "./sceneOf";
import { useNarrow } from "./useNarrow";
import { saidMemo } from "../language/saidMemo";

/** The elements of a figure, made once, to be copied where it is shown. */
export const drawingOf = remembered((figure: FigureSpecification): DocumentFragment => {
  const drawing = document.createDocumentFragment();
  drawing.append(...svgElements(sceneOf(figure)).map(drawnShape));
  return drawing;
});

function Still({ figure }: { figure: FigureSpecification }) {
  const { width, height } = sceneOf(figure);
  const put = useCallback(
    (place: SVGSVGElement | null) =>
      place?.replaceChildren(document.importNode(drawingOf(figure), true)),
    [figure],
  );
  return (
    <svg
      ref={put}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={figureDescription(figure)}
      className="block h-auto w-full"
    />
  );
}

/** Room beside a figure on a phone, in CSS pixels. */
const edges = 80;

/** A figure that is looked at and not worked on, as in a report; on a phone with letters that can be read. */
export const StillFigure = saidMemo(function StillFigure({
  figure: whole,
}: {
  figure: FigureSpecification;
}) {
  const narrow = useNarrow();
  const figure = useMemo(
    () => (narrow ? screenFigure(whole, window.innerWidth - edges) : whole),
    [narrow, whole],
  );
  return isCrowded(figure) ? <SceneView figure={figure} /> : <Still figure={figure} />;
});
