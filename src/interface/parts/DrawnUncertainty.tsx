"use client";

import { partsTexts } from "@/wording/partsTexts";
import { proxy, releaseProxy, wrap } from "comlink";
import { useEffect, useRef, useState } from "react";
import { plainRunText } from "@/core/unit/runText";
import { numberRuns } from "@/pipeline/lines/lineEquation";
import { writeSize } from "@/core/number/writtenNumber";
import type { MonteCarlo } from "@/core/uncertainty/monteCarlo";
import type { Drawing } from "@/pipeline/derived/drawnInputs";
import type { ShownUnit } from "@/pipeline/readings/evaluated";
import { drawnSentence, drawnSpoken } from "@/wording/deriving";
import type { Draws } from "@/workers/draws";
import { Button } from "./Button";
import { NumberView, useDecimalMark } from "./StatementView";
import { announce } from "../keys/announcer";
import { useHouseRules } from "../store/useEvaluated";
import { Histogram } from "./Histogram";
import { HowFar } from "./HowFar";

const draws = 1_000_000;
const seed = 20_261_123;

type Drawn =
  | { readonly kind: "none" }
  | { readonly kind: "drawing"; readonly part: number }
  | { readonly kind: "drawn"; readonly result: MonteCarlo }
  | { readonly kind: "nothing" };

/** Runs draws in a worker of their own, which is ended when they are given up. */
function useDraws() {
  const [drawn, setDrawn] = useState<Drawn>({ kind: "none" });
  const running = useRef<Worker>(undefined);
  const stop = () => {
    running.current?.terminate();
    running.current = undefined;
  };
  useEffect(() => stop, []);
  const start = (order: Parameters<Draws["run"]>[0]) => {
    stop();
    const worker = new Worker(new URL("../../workers/draws.worker.ts", import.meta.url), {
      type: "module",
    });
    running.current = worker;
    const remote = wrap<Draws>(worker);
    setDrawn({ kind: "drawing", part: 0 });
    const onProgress = (part: number) => setDrawn({ kind: "drawing", part });
    void remote.run(order, proxy(onProgress)).then((result) => {
      remote[releaseProxy]();
      stop();
      setDrawn(result ? { kind: "drawn", result } : { kind: "nothing" });
    });
  };
  const giveUp = () => {
    stop();
    setDrawn({ kind: "none" });
  };
  return { drawn, start, giveUp };
}

/** The ± of the draws, as it is written. */
const drawnSize = (result: MonteCarlo, factor: number) =>
  writeSize(result.standardDeviation / Math.abs(factor), "two");

/** Says what the draws gave, to those who hear the page. */
function useSaidDraws(drawn: Drawn, factor: number): void {
  const mark = useDecimalMark();
  const text =
    drawn.kind === "drawn" ? mark(plainRunText(numberRuns(drawnSize(drawn.result, factor)))) : "";
  useEffect(() => {
    if (text !== "") announce(drawnSpoken(text));
  }, [text]);
}

interface Props {
  /** What is drawn; undefined where it can't be. */
  drawing: Drawing | undefined;
  /** Why it can't be. */
  refusal: string;
  unit: Pick<ShownUnit, "factor" | "offset">;
  /** The ± by first order in the shown unit, by the house rule. */
  firstOrder: number;
}

/** Monte Carlo on request: how far it is, what it gives beside first order, and the histogram. */
export function DrawnUncertainty({ drawing, refusal, unit, firstOrder }: Props) {
  const rules = useHouseRules();
  const { drawn, start, giveUp } = useDraws();
  const { factor, offset } = unit;
  useSaidDraws(drawn, factor);
  if (!drawing) return <p className="text-soft mt-2">{refusal}</p>;
  if (drawn.kind === "drawing") {
    return (
      <div className="mt-2 flex items-center gap-3">
        <HowFar part={drawn.part} label={partsTexts.drawn} />
        <Button onClick={giveUp}>{partsTexts.giveUp}</Button>
      </div>
    );
  }
  const shown = (value: number) => (value - offset) / factor;
  const again = () => start({ ...drawing, draws, seed });
  return (
    <>
      {drawn.kind === "drawn" && (
        <>
          <p className="mt-1 flex justify-between" data-testid="drawn">
            <span>{partsTexts.monteCarlo10Draws}</span>
            <span className="text-magenta">
              ± <NumberView number={drawnSize(drawn.result, factor)} unit={[]} />
            </span>
          </p>
          <Histogram result={drawn.result} shown={shown} />
          <p className="text-soft">
            {drawnSentence(drawn.result.standardDeviation / Math.abs(factor), firstOrder, rules)}
          </p>
        </>
      )}
      {drawn.kind === "nothing" && (
        <p className="text-soft mt-2">{partsTexts.theDrawsAllFellOutside}</p>
      )}
      <Button className="mt-2" onClick={again}>
        {drawn.kind === "drawn" ? partsTexts.drawOnceMore : partsTexts.drawIt10Times}
      </Button>
    </>
  );
}
