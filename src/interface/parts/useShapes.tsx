import { type ReactNode, type RefObject, useLayoutEffect, useMemo, useRef, useState } from "react";
import { svgElements } from "@/figure/render/svgElement";
import type { Scene } from "@/figure/scene";
import { redraw } from "./drawnShapes";
import { svgNode } from "./svgNode";

interface Shapes<Place extends SVGElement> {
  /** The element that the shapes stand in, and nothing else. */
  readonly place: RefObject<Place | null>;
  readonly shapes: ReactNode;
}

/**
 * The shapes of a scene on the page. They are first drawn with it; from then on only what has changed of them is
 * touched, so that a figure keeps up with a hand that drags on slow laptops.
 */
export function useShapes<Place extends SVGElement>(scene: Scene): Shapes<Place> {
  const wanted = useMemo(() => svgElements(scene), [scene]);
  const [first] = useState(wanted);
  const shapes = useMemo(() => <>{first.map(svgNode)}</>, [first]);
  const place = useRef<Place>(null);
  const standing = useRef(first);
  useLayoutEffect(() => {
    if (place.current) redraw(place.current, standing.current, wanted);
    standing.current = wanted;
  }, [wanted]);
  return { place, shapes };
}
