import type { RunText } from "@/core/unit/runText";
import { captionRoom } from "@/figure/layout/frame";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import type { Scene } from "@/figure/scene";
import type { FigureSpecification } from "@/figure/specification";

/** A figure without its caption, which documents set as text of their own; its paper is that much less high. */
export function withoutCaption(figure: FigureSpecification): FigureSpecification {
  return { ...figure, caption: [], height: figure.height - captionRoom(figure) };
}

const scenes = new WeakMap<FigureSpecification, Scene>();

/** The figure alone as it is drawn, without its caption. */
export function bareScene(figure: FigureSpecification): Scene {
  let scene = scenes.get(figure);
  if (!scene) scenes.set(figure, (scene = layoutFigure(withoutCaption(figure))));
  return scene;
}

/** The words of a caption behind "Figure 2. ", which documents number themselves. */
export function captionWords({ caption }: FigureSpecification): RunText {
  const [first, ...rest] = caption ?? [];
  return first && /^Figure \d+\. $/.test(first.text) ? rest : (caption ?? []);
}
