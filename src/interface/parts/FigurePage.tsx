"use client";

import { partsTexts } from "@/wording/partsTexts";
import { FirstStep } from "./FirstStep";
import { type ReactNode, useMemo } from "react";
import { type FigureSpecification, pointCount } from "@/figure/specification";
import { screenFigure } from "./screenFigure";
import { SceneView } from "./SceneView";
import { useWidth } from "./useWidth";
import { RemarkPins } from "../remarks/RemarkedThings";
import { useFigure } from "../store/useEvaluated";
import { saidMemo } from "../language/saidMemo";
import { useFigureSpecification } from "../store/useFigureSpecification";
import { UnderTheHandContext } from "../store/useInvestigation";

interface Props {
  /** What lies over the figure and can be touched. */
  over: (figure: FigureSpecification) => ReactNode;
}

/** Height of the line under the figure that says what is pointed at. */
const lineBelow = 48;

function Drawn({ whole, over }: Props & { whole: FigureSpecification }) {
  const id = useFigure()?.id ?? "";
  const { place, width } = useWidth();
  const figure = useMemo(() => screenFigure(whole, width), [whole, width]);
  return (
    <div ref={place} className="min-h-0 min-[900px]:@container-size min-[900px]:flex-1">
      <div
        data-place={`figure:${id}`}
        data-paper
        className="relative isolate min-[900px]:mx-auto"
        style={{
          maxWidth: `calc((100cqh - ${lineBelow}px) * ${figure.width / figure.height})`,
        }}
      >
        <SceneView figure={figure} />
        {over(figure)}
        <RemarkPins figure={id} />
      </div>
    </div>
  );
}

function FigureOrFirstStep({ over }: Props) {
  const figure = useFigureSpecification();
  if (!figure) {
    return <FirstStep text={partsTexts.aFigureNeedsAQuantity} />;
  }
  const { taking, aside } = pointCount(figure);
  if (taking + aside === 0) {
    return <FirstStep text={partsTexts.thereAreNoPointsYet} />;
  }
  return <Drawn whole={figure} over={over} />;
}

/** The figure under the hand. */
const Touched = saidMemo(function Touched(props: Props) {
  return (
    <UnderTheHandContext value={true}>
      <FigureOrFirstStep {...props} />
    </UnderTheHandContext>
  );
});

interface PageProps extends Props {
  /** What stands above the figure in one line. */
  line: ReactNode;
}

/** The page of Plot and of Slope: the figure under the hand, or the first step towards one. */
export function FigurePage({ line, ...touched }: PageProps) {
  return (
    <div className="flex flex-col min-[900px]:h-full">
      <h1 className="sr-only">{partsTexts.figure}</h1>
      <div className="mb-2 flex flex-wrap items-center gap-2">{line}</div>
      <Touched {...touched} />
    </div>
  );
}
