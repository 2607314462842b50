"use client";

import { plotTexts } from "@/wording/plotTexts";
import { nanoid } from "nanoid";
import { plainRunText } from "@/core/unit/runText";
import { emptiestPlace, obstaclesOf } from "@/figure/layout/emptiestPlace";
import { layFrame } from "@/figure/layout/frame";
import { placeWords } from "@/figure/layout/words";
import type { FigureSpecification } from "@/figure/specification";
import { describeFigure } from "@/investigation/acts/describeFigure";
import { putLabel } from "@/investigation/acts/putLabel";
import { removeLabel } from "@/investigation/acts/removeLabel";
import { showEquation } from "@/investigation/acts/showEquation";
import { inOrder } from "@/investigation/model/order";
import { limits } from "@/investigation/model/limits";
import { figureTitle, plottedUp } from "@/pipeline/figure/figure";
import { Button } from "../parts/Button";
import { TextField } from "../parts/TextField";
import { Tick } from "../parts/Tick";
import { useFigure } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";
import { captionWords } from "@/output/documents/figureParts";
import { useActs } from "../store/useInvestigation";

/** A place in the axes' units where new words cover least. */
function freePlace(figure: FigureSpecification): { x: number; y: number } {
  const frame = layFrame(figure);
  const { legend, equations, labels } = placeWords(figure, frame);
  const taken = [legend, ...equations, ...labels].flatMap((words) => words?.box ?? []);
  const size = { width: frame.letters.words * 8, height: frame.letters.words * 1.4 };
  const box = emptiestPlace(size, frame, obstaclesOf(figure, frame), taken);
  return { x: frame.xAt(box.x), y: frame.yAt(box.y + frame.letters.words * 1.05) };
}

/** The middle of the drawing area, in the axes' units: where an arrow begins to point. */
function middle(figure: FigureSpecification): { toX: number; toY: number } {
  const frame = layFrame(figure);
  return {
    toX: frame.xAt((frame.left + frame.right) / 2),
    toY: frame.yAt((frame.top + frame.bottom) / 2),
  };
}

function Labels({ figure }: { figure: FigureSpecification }) {
  const chosen = useFigure();
  const { act } = useActs();
  if (!chosen) return null;
  const labels = inOrder(chosen.figure.labels);
  const put = (id: string, label: Parameters<typeof putLabel.change>[1]["label"], key?: string) =>
    act(putLabel, { figure: chosen.id, id, label }, key && `label-${key}/${id}`);
  const place = (text: string) => (text.trim() === "" ? undefined : Number(text));
  return (
    <>
      {labels.map(([id, label]) => (
        <div key={id} className="flex flex-col gap-1.5">
          <TextField
            label={plotTexts.wordsOnTheFigure}
            value={label.text}
            onChange={(text) => put(id, { text }, "text")}
          />
          {label.toX !== undefined && label.toY !== undefined && (
            <div className="grid grid-cols-2 gap-3">
              {(["toX", "toY"] as const).map((part) => (
                <TextField
                  key={part}
                  label={part === "toX" ? plotTexts.arrowToX : plotTexts.arrowToY}
                  value={String(Number(label[part]?.toPrecision(6)))}
                  onChange={(text) => {
                    const value = place(text);
                    if (value !== undefined && Number.isFinite(value))
                      put(id, { [part]: value }, part);
                  }}
                />
              ))}
            </div>
          )}
          <div className="flex gap-2">
            {label.toX === undefined ? (
              <Button look="quiet" onClick={() => put(id, middle(figure))}>
                {plotTexts.giveItAnArrow}
              </Button>
            ) : (
              <Button look="quiet" onClick={() => put(id, { toX: undefined, toY: undefined })}>
                {plotTexts.withoutAnArrow}
              </Button>
            )}
            <Button look="quiet" onClick={() => act(removeLabel, { figure: chosen.id, id })}>
              {plotTexts.takeItOff}
            </Button>
          </div>
        </div>
      ))}
      <Button
        disabled={labels.length >= limits.labels}
        onClick={() => put(nanoid(10), { text: plotTexts.label, ...freePlace(figure) })}
      >
        {plotTexts.writeOnTheFigure}
      </Button>
    </>
  );
}

/** Title, caption, equation and labels. */
export function WordsPanel({ figure }: { figure: FigureSpecification }) {
  const chosen = useFigure();
  const fit = useFigureFit();
  const { act } = useActs();
  if (!chosen || !fit) return null;
  const { id } = chosen;
  const proposed = figureTitle("", fit.x.quantity, plottedUp(fit));
  const describe = (part: "title" | "caption") => (text: string) =>
    act(describeFigure, { figure: id, [part]: text }, `figure-${part}/${id}`);
  return (
    <div className="flex flex-col items-stretch gap-2">
      <TextField
        id="figure-title"
        label={plotTexts.title}
        value={chosen.figure.title}
        placeholder={plainRunText(proposed)}
        onChange={describe("title")}
      />
      <TextField
        id="figure-caption"
        label={plotTexts.captionAfterFigureNumber({ number: chosen.number })}
        value={chosen.figure.caption}
        placeholder={plainRunText(captionWords(figure))}
        onChange={describe("caption")}
      />
      <Tick
        label={plotTexts.writeTheLineSEquation}
        checked={chosen.figure.equation}
        onChange={(shown) => act(showEquation, { figure: id, shown })}
      />
      <Labels figure={figure} />
    </div>
  );
}
