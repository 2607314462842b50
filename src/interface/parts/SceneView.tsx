"use client";

import { svgElements } from "@/figure/render/svgElement";
import type { FigureSpecification } from "@/figure/specification";
import { figureDescription } from "@/wording/figures";
import { Crowd } from "./Crowd";
import { isCrowded, sceneOf } from "./sceneOf";
import { svgNode } from "./svgNode";
import { saidMemo } from "../language/saidMemo";

/** A figure on the page: the very scene that the exports write. */
export const SceneView = saidMemo(function SceneView({ figure }: { figure: FigureSpecification }) {
  const scene = sceneOf(figure);
  return (
    <div className="relative">
      <svg
        viewBox={`0 0 ${scene.width} ${scene.height}`}
        role="img"
        aria-label={figureDescription(figure)}
        className="block h-auto max-h-full w-full"
      >
        {svgElements(scene).map(svgNode)}
      </svg>
      {isCrowded(figure) && <Crowd figure={figure} />}
    </div>
  );
});
