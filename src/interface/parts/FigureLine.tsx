"use client";

import { partsTexts } from "@/wording/partsTexts";
import { nanoid } from "nanoid";
import { useContext } from "react";
import { addFigure } from "@/investigation/acts/addFigure";
import { removeFigure } from "@/investigation/acts/removeFigure";
import { limits } from "@/investigation/model/limits";
import { Button } from "./Button";
import { FigureInHandContext } from "../store/figureInHand";
import { useFigure, useFigures } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

/** The figures of the investigation by number; one can be added like the one in hand, or removed, unless they are fixed. */
export function FigureLine({ fixed = false }: { fixed?: boolean }) {
  const figures = useFigures();
  const inHand = useFigure();
  const { choose } = useContext(FigureInHandContext);
  const { act } = useActs();
  const add = () => {
    const id = nanoid(10);
    const { x = null, y = null } = inHand?.figure ?? {};
    act(addFigure, { id, x, y, ...(inHand && { like: inHand.id }) });
    choose(id);
  };
  return (
    <div role="group" aria-label={partsTexts.figures} className="flex flex-wrap items-center gap-1">
      {figures.length > 1 &&
        figures.map(({ id, number }) => (
          <button
            key={id}
            type="button"
            aria-pressed={id === inHand?.id}
            onClick={() => choose(id)}
            className={`border-b-2 px-2 py-1 font-semibold ${id === inHand?.id ? "border-brass" : "text-soft hover:text-ink border-transparent"}`}
          >
            {partsTexts.figureNumber({ number })}
          </button>
        ))}
      {!fixed && (
        <Button look="quiet" disabled={figures.length >= limits.figures} onClick={add}>
          {partsTexts.addAFigure}
        </Button>
      )}
      {!fixed && figures.length > 1 && inHand && (
        <Button look="quiet" onClick={() => act(removeFigure, { figure: inHand.id })}>
          {partsTexts.removeThisFigure}
        </Button>
      )}
    </div>
  );
}
