"use client";

import type { Scene } from "@/figure/scene";
import { useShapes } from "./useShapes";

interface Props {
  scene: Scene;
  /** What it shows, in words. */
  label: string;
  className?: string;
}

/** A scene on the page: a figure, a number line. */
export function DrawnScene({ scene, label, className = "block h-auto w-full" }: Props) {
  const { place, shapes } = useShapes<SVGSVGElement>(scene);
  return (
    <svg
      ref={place}
      viewBox={`0 0 ${scene.width} ${scene.height}`}
      role="img"
      aria-label={label}
      className={className}
    >
      {shapes}
    </svg>
  );
}
