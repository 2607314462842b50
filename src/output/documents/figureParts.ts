import { remembered } from "@/remembered/remembered";
import type { RunText } from "@/core/unit/runText";
import { captionRoom } from "@/figure/layout/frame";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import type { Scene } from "@/figure/scene";
import type { FigureSpecification } from "@/figure/specification";

/** A figure without its caption, which documents set as text of their own; its paper is that much less high. */
export function withoutCaption(figure: FigureSpecification): FigureSpecification {
  return { ...figure, caption: [], height: figure.height - captionRoom(figure) };
}

/** The figure alone as it is drawn, without its caption. */
export const bareScene = remembered((figure: FigureSpecification): Scene =>
  layoutFigure(withoutCaption(figure)),
);

/** The words of a caption behind "Figure 2. ", its first run, for documents number figures themselves. */
export const captionWords = ({ caption }: FigureSpecification): RunText => (caption ?? []).slice(1);
