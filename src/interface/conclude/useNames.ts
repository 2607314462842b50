"use client";

import { slopeWordText } from "@/wording/slopeWord";
import { concludeTexts } from "@/wording/concludeTexts";
import type { ResultSource } from "@/investigation/model/result";
import type { ResultPart } from "@/pipeline/results/evaluatedResult";
import { sourceSentence } from "@/wording/concluding";
import { useFigures, useHouseRules, useQuantities } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";

/** "From the slope of Figure 2." */
export function useSourceSentence(): (source: ResultSource) => string {
  const figures = useFigures();
  const quantities = useQuantities();
  const { slopeWord } = useHouseRules();
  return (source) => {
    const figure = figures.find(({ id }) => id === source.of);
    const quantity = quantities.find(({ id }) => id === source.of)?.quantity;
    const named =
      source.kind === "mean"
        ? quantity?.name || quantity?.symbol || concludeTexts.aQuantity
        : figure
          ? concludeTexts.figureNumber({ number: figure.number })
          : concludeTexts.aFigure;
    return sourceSentence(source, named, slopeWord);
  };
}

/** What brings a part of the ± of a result, by its name. */
export function usePartName(): (part: ResultPart) => string {
  const constants = useInvestigation((state) => state.document.constants);
  const { slopeWord } = useHouseRules();
  return ({ kind, id }) => {
    if (kind === "constant")
      return constants[id]?.name || constants[id]?.symbol || concludeTexts.aConstant;
    if (kind === "column") return id.replace(/#.*/, "");
    return id === "slope"
      ? slopeWordText(slopeWord)
      : id === "intercept"
        ? slopeWordText("intercept")
        : concludeTexts.idFromTheFigure({ id });
  };
}
