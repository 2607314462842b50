"use client";

import { plotTexts } from "@/wording/plotTexts";
import { options } from "../parts/options";
import { setAxis } from "@/investigation/acts/setAxis";
import type { Axis } from "@/investigation/model/figure";
import { readNumber } from "@/core/number/readNumber";
import {
  axisNumberWords,
  decimalsWords,
  noBrokenAxis,
  rangeWords,
  scaleWords,
} from "@/wording/looks";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { Tick } from "../parts/Tick";
import { useFigure, useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

interface Props {
  axis: "x" | "y";
  /** The words that stand along it while none of one's own are typed. */
  proposed: string;
}

const handFields = ["from", "to", "step"] as const;

/** What is wrong with the ends of an axis set by hand. */
function useProblem({ range, from, to, step, scale }: Axis) {
  const { decimalMark } = useHouseRules();
  if (range !== "hand") return {};
  const number = (text: string) => {
    const read = readNumber(text, decimalMark);
    return read.kind === "number" ? read.number.value : undefined;
  };
  const [low, high] = [number(from), number(to)];
  const unread = (text: string) =>
    text.trim() !== "" && number(text) === undefined ? plotTexts.thisIsNoNumber : undefined;
  const order =
    low !== undefined && high !== undefined && low >= high
      ? plotTexts.itMustLieAboveFrom
      : undefined;
  const below =
    scale === "log" && low !== undefined && low <= 0
      ? plotTexts.aLogarithmicAxisBeginsAbove
      : undefined;
  const steps = (number(step) ?? 1) <= 0 ? plotTexts.aStepIsAbove0 : undefined;
  return {
    from: unread(from) ?? below,
    to: unread(to) ?? order,
    step: unread(step) ?? steps,
  };
}

/** Whether a text is a count of decimals, or nothing. */
const isDecimals = (text: string) => /^\s*\d?\s*$/.test(text);

/** How the numbers of an axis are written, and with how many decimals. */
function NumbersOf({ axis, change }: { axis: Axis; change: Change }) {
  return (
    <>
      <div className="grid grid-cols-2 gap-3">
        <Choice
          label={plotTexts.itsNumbersAreWritten}
          value={axis.numbers}
          options={options(axisNumberWords)}
          onChange={(numbers) => change({ numbers })}
        />
        <TextField
          label={decimalsWords.label}
          value={axis.decimals}
          placeholder={decimalsWords.placeholder}
          problem={isDecimals(axis.decimals) ? undefined : decimalsWords.problem}
          onChange={(decimals) => change({ decimals }, "decimals")}
        />
      </div>
      {axis.decimals.trim() !== "" && <p className="text-soft text-xs">{decimalsWords.note}</p>}
    </>
  );
}

type Change = (part: Partial<Axis>, field?: string) => void;

/** Ends and step of an axis that is set by hand. */
function ByHand({ axis, change }: { axis: Axis; change: Change }) {
  const problems: Partial<Record<string, string>> = useProblem(axis);
  return (
    <div className="grid grid-cols-3 gap-3">
      {handFields.map((field) => (
        <TextField
          key={field}
          label={plotTexts[field]}
          value={axis[field]}
          placeholder={plotTexts.asItFits}
          problem={problems[field]}
          onChange={(text) => change({ [field]: text }, field)}
        />
      ))}
    </div>
  );
}

/** How one axis runs and what stands along it. */
export function AxisPanel({ axis, proposed }: Props) {
  const chosen = useFigure();
  const { act } = useActs();
  const plain = chosen?.figure.axes[axis];
  if (!chosen || !plain) return null;
  const change: Change = (part, field = "") =>
    act(
      setAxis,
      { figure: chosen.id, axis, change: part },
      field && `${axis}-${field}/${chosen.id}`,
    );
  return (
    <div className="flex flex-col gap-2">
      <div className="grid grid-cols-2 gap-3">
        <Choice
          label={axis === "x" ? plotTexts.horizontalAxisRuns : plotTexts.verticalAxisRuns}
          value={plain.range}
          options={options(rangeWords)}
          onChange={(range) => change({ range })}
        />
        <Choice
          label={plotTexts.itsStepsAre}
          value={plain.scale}
          options={options(scaleWords)}
          onChange={(scale) => change({ scale })}
        />
      </div>
      {plain.range === "hand" && <ByHand axis={plain} change={change} />}
      <NumbersOf axis={plain} change={change} />
      <TextField
        id={`${axis}-axis-label`}
        label={plotTexts.wordsAlongIt}
        value={plain.label}
        placeholder={proposed}
        onChange={(label) => change({ label }, "label")}
      />
      <Tick
        label={plotTexts.runsTheOtherWay}
        checked={plain.reversed}
        onChange={(reversed) => change({ reversed })}
      />
      {axis === "y" && (
        <details>
          <summary className="text-soft cursor-pointer">{plotTexts.canAnAxisBeBroken}</summary>
          <p className="text-soft mt-1">{noBrokenAxis()}</p>
        </details>
      )}
    </div>
  );
}
