"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { BarsThatCount } from "./BarsThatCount";
import { options } from "../parts/options";
import { setLine } from "@/investigation/acts/setLine";
import type { LineChoice } from "@/investigation/model/figure";
import { heldWords, lineTicks, weightWords } from "@/wording/lines";
import { Choice } from "../parts/Choice";
import { Tick } from "../parts/Tick";
import { TextField } from "../parts/TextField";
import { useFigure } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";
import { useActs } from "../store/useInvestigation";

type Change = (part: Partial<LineChoice>, key?: string) => void;
type Field = "intercept" | "slope" | "pointX" | "pointY" | "from" | "to";

/** The typed numbers that each way of holding a line asks for. */
const heldFields: Readonly<Record<LineChoice["held"], readonly Field[]>> = {
  free: [],
  zero: [],
  intercept: ["intercept"],
  slope: ["slope"],
  point: ["pointX", "pointY"],
};

const stretchFields = ["from", "to"] as const;

/** What may be ticked where bars count. */
function WhereBarsCount({ line, change }: { line: LineChoice; change: Change }) {
  return (["relative", "compare"] as const).map((part) => (
    <Tick
      key={part}
      label={lineTicks[part]}
      checked={line[part]}
      onChange={(on) => change({ [part]: on })}
    />
  ));
}

/** How the best line is laid: whose bars count, what it keeps to, which readings take part. */
export function LineChoices() {
  const chosen = useFigure();
  const several = (useFigureFit()?.groups.length ?? 0) > 1;
  const { act } = useActs();
  if (!chosen) return null;
  const { line } = chosen.figure;
  const change: Change = (part, key) =>
    act(setLine, { figure: chosen.id, change: part }, key && `line-${key}/${chosen.id}`);
  const field = (name: Field, placeholder = "") => (
    <TextField
      key={name}
      label={slopeTexts.lineFields[name]}
      value={line[name]}
      placeholder={placeholder}
      onChange={(text) => change({ [name]: text }, name)}
    />
  );
  return (
    <div className="flex flex-col gap-2">
      <div className="grid grid-cols-2 gap-3">
        <BarsThatCount
          value={line.weights}
          words={weightWords}
          onChange={(weights) => change({ weights })}
        />
        <Choice
          value={line.held}
          label={slopeTexts.itKeepsTo}
          options={options(heldWords)}
          onChange={(held) => change({ held })}
        />
      </div>
      {heldFields[line.held].length > 0 && (
        <div className="grid grid-cols-2 gap-3">
          {heldFields[line.held].map((one) => field(one))}
        </div>
      )}
      {line.weights !== "none" && <WhereBarsCount line={line} change={change} />}
      {several && (
        <Tick
          label={slopeTexts.oneLineOverAllSeries}
          checked={line.together}
          onChange={(together) => change({ together })}
        />
      )}
      {several && line.together && (
        <Tick
          label={slopeTexts.andOneForEachSeries}
          checked={line.each}
          onChange={(each) => change({ each })}
        />
      )}
      <div className="grid grid-cols-2 gap-3">
        {stretchFields.map((one) => field(one, slopeTexts.all))}
      </div>
    </div>
  );
}
