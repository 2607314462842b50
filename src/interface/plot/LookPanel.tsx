"use client";

import { plotTexts } from "@/wording/plotTexts";
import type { FigureSpecification } from "@/figure/specification";
import { keepLook } from "@/investigation/acts/keepLook";
import { setLook } from "@/investigation/acts/setLook";
import { type FigureLook, plainLook } from "@/investigation/model/figure";
import { lookTicks, lookWords } from "@/wording/looks";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { Fixed } from "../parts/Fixed";
import { TextField } from "../parts/TextField";
import { Tick } from "../parts/Tick";
import { LetterSizes } from "./LetterSizes";
import { useFigure } from "../store/useEvaluated";
import { useActs, useInvestigation } from "../store/useInvestigation";

const choices = Object.keys(lookWords) as (keyof typeof lookWords)[];
const ticks = Object.keys(lookTicks) as (keyof typeof lookTicks)[];

interface Props {
  figure: FigureSpecification;
}

/** How the figure is drawn, choice by choice, and the look that the class keeps as its own. */
export function LookPanel({ figure }: Props) {
  const id = useFigure()?.id ?? "";
  return (
    <Fixed kind="look" of={id}>
      <Look figure={figure} />
    </Fixed>
  );
}

function Look({ figure }: Props) {
  const chosen = useFigure();
  const own = useInvestigation((state) => state.document.ownLook);
  const { act } = useActs();
  if (!chosen) return null;
  const { look } = chosen.figure;
  const change = (part: Partial<FigureLook>, key?: string) =>
    act(setLook, { figure: chosen.id, change: part }, key && `${key}/${chosen.id}`);
  return (
    <div className="flex flex-col gap-2">
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        {choices.map((part) => {
          const { label, words } = lookWords[part];
          const options = Object.entries(words).map(([value, word]) => ({ value, label: word }));
          return (
            <Choice
              key={part}
              label={label}
              value={look[part] as string}
              options={options}
              onChange={(value) => change({ [part]: value })}
            />
          );
        })}
      </div>
      {look.size === "own" && (
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label={plotTexts.widthCm}
            value={look.width}
            onChange={(width) => change({ width }, "look-width")}
          />
          <TextField
            label={plotTexts.heightCm}
            value={look.height}
            onChange={(height) => change({ height }, "look-height")}
          />
        </div>
      )}
      <LetterSizes look={look} figure={figure} onChange={change} />
      {ticks.map((part) => (
        <Tick
          key={part}
          label={lookTicks[part]}
          checked={look[part]}
          onChange={(on) => change({ [part]: on })}
        />
      ))}
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => act(keepLook, { figure: chosen.id })}>
          {plotTexts.keepAsTheClassS}
        </Button>
        {own && <Button onClick={() => change(own)}>{plotTexts.takeTheClassSLook}</Button>}
        <Button look="quiet" onClick={() => change(plainLook)}>
          {plotTexts.beginAnew}
        </Button>
      </div>
    </div>
  );
}
