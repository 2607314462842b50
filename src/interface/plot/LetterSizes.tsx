"use client";

import { Minus, Plus } from "lucide-react";
import { layFrame } from "@/figure/layout/frame";
import { axisWords } from "@/figure/layout/letterSizes";
import type { FigureSpecification } from "@/figure/specification";
import type { FigureLook } from "@/investigation/model/figure";
import { lettersIn } from "@/pipeline/figure/figureSize";
import { lettersProblem, letterSteps, letterWords } from "@/wording/looks";
import { TextField } from "../parts/TextField";

type Field = keyof typeof letterWords;

interface Props {
  look: FigureLook;
  figure: FigureSpecification;
  onChange: (part: Partial<FigureLook>, key?: string) => void;
}

/** Letters are made larger by so many points at once: more where they are to be read from afar. */
const stepOf = (textSize: number) => (textSize >= 12 ? 2 : 0.5);

const written = (points: number) => String(Math.round(points * 10) / 10);

const fields = Object.keys(letterWords) as Field[];

/** How large the letters are now, whatever was chosen. */
function present(figure: FigureSpecification): Readonly<Record<Field, number>> {
  const { numbers, words, equations } = layFrame(figure).letters;
  return { numberSize: numbers, wordSize: words * axisWords, equationSize: equations };
}

/** Sizes of numbers, words along the axes and equations in points as printed: typed, or a step at a time. */
export function LetterSizes({ look, figure, onChange }: Props) {
  const now = present(figure);
  const step = stepOf(figure.textSize);
  return (
    <div className="grid grid-cols-3 gap-3">
      {fields.map((field) => {
        const text = look[field];
        const problem = text.trim() === "" || lettersIn(text) !== undefined ? {} : { problem: lettersProblem() }; // prettier-ignore
        const by = (change: number) =>
          onChange({ [field]: written(Math.max(step, now[field] + change)) }, `look-${field}`);
        return (
          <div key={field} className="flex flex-col gap-1">
            <TextField
              label={letterWords[field]}
              value={text}
              placeholder={written(now[field])}
              {...problem}
              onChange={(value) => onChange({ [field]: value }, `look-${field}`)}
            />
            <div className="grid grid-cols-2 gap-1">
              {[-step, step].map((change) => (
                <button
                  key={change}
                  type="button"
                  aria-label={`${letterWords[field]} ${change < 0 ? letterSteps.smaller : letterSteps.larger}`}
                  onClick={() => by(change)}
                  className="border-hairline hover:bg-wash flex h-7 items-center justify-center rounded-md border"
                >
                  {change < 0 ? <Minus size={14} aria-hidden /> : <Plus size={14} aria-hidden />}
                </button>
              ))}
            </div>
          </div>
        );
      })}
    </div>
  );
}
