"use client";

import { svgElements } from "@/figure/render/svgElement";
import type { Scene } from "@/figure/scene";
import { svgNode } from "./svgNode";

/** A scene that is no figure of readings: a number line, a piece of a page. */
export function PlainScene({ scene, label }: { scene: Scene; label: string }) {
  return (
    <svg
      viewBox={`0 0 ${scene.width} ${scene.height}`}
      role="img"
      aria-label={label}
      className="block h-auto w-full"
    >
      {svgElements(scene).map(svgNode)}
    </svg>
  );
}
