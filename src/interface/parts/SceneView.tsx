"use client";

import type { FigureSpecification } from "@/figure/specification";
import { figureDescription } from "@/wording/figures";
import { Crowd } from "./Crowd";
import { DrawnScene } from "./DrawnScene";
import { isCrowded, sceneOf } from "./sceneOf";
import { saidMemo } from "../language/saidMemo";

/** A figure on the page: the very scene that the exports write. */
export const SceneView = saidMemo(function SceneView({ figure }: { figure: FigureSpecification }) {
  return (
    <div className="relative">
      <DrawnScene
        scene={sceneOf(figure)}
        label={figureDescription(figure)}
        className="block h-auto max-h-full w-full"
      />
      {isCrowded(figure) && <Crowd figure={figure} />}
    </div>
  );
});
