"use client";

import { useMemo } from "react";
import { type FigureSpecification, pointCount } from "@/figure/specification";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { thumbnailSpecification } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import { SceneView } from "../parts/SceneView";

/** The first figure of a document as small as a stamp; undefined where it shows no point. */
function smallFigure(document: Investigation): FigureSpecification | undefined {
  const figure = inOrder(document.figures)[0]?.[1];
  const fit = figure && fitFigure(evaluateTables(document), figure, document.houseRules);
  const small = fit && thumbnailSpecification(fit, document.houseRules);
  return small && pointCount(small).taking > 0 ? small : undefined;
}

/** The first figure of a document as small as a stamp; nothing where it shows no point. */
export function SmallFigure({ document }: { document: Investigation }) {
  const figure = useMemo(() => smallFigure(document), [document]);
  return figure ? <SceneView figure={figure} /> : null;
}
