"use client";

import { slopeWordText } from "@/wording/slopeWord";
import { slopeTexts } from "@/wording/slopeTexts";
import type { LineFit } from "@/core/fit/lineFit";
import type { RangeLine } from "@/core/fit/slopeRange";
import type { WrittenNumber } from "@/core/number/writtenNumber";
import { setLine } from "@/investigation/acts/setLine";
import { halfInLedger, inLedger } from "@/pipeline/lines/lineEquation";
import type { RangedLine } from "@/pipeline/lines/lineRange";
import { crossNearZero } from "@/wording/lines";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import type { RunText } from "@/core/unit/runText";
import { withUnit } from "@/output/report/quantityColumns";
import { RunTextView } from "../parts/RunTextView";
import { NumberView } from "../parts/StatementView";
import { useFigure, useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

const samples = {
  best: { dash: undefined, colour: "stroke-ink" },
  steepest: { dash: "7 3", colour: "stroke-magenta" },
  shallowest: { dash: "1.4 2.2", colour: "stroke-magenta" },
} as const;

/** A line as it is drawn; a click shows or hides it. */
function Sample({ kind }: { kind: keyof typeof samples }) {
  const chosen = useFigure();
  const { act } = useActs();
  const shown = chosen?.figure.line[kind] ?? true;
  const { dash, colour } = samples[kind];
  return (
    <button
      type="button"
      aria-pressed={shown}
      aria-label={slopeTexts.drawTheKindLine({ kind })}
      title={shown ? slopeTexts.hideThisLine : slopeTexts.drawThisLine}
      onClick={() => chosen && act(setLine, { figure: chosen.id, change: { [kind]: !shown } })}
      className={`hover:bg-page block min-h-[24px] min-w-[24px] rounded border border-transparent px-1 py-2 ${shown ? "" : "opacity-30"}`}
    >
      <svg viewBox="0 0 34 4" width={34} height={4} aria-hidden>
        <line
          x1={0}
          x2={34}
          y1={2}
          y2={2}
          strokeWidth={1.8}
          strokeDasharray={dash}
          className={colour}
        />
      </svg>
    </button>
  );
}

interface Props {
  line: LineFit;
  range: RangedLine;
  /** The units of the axes, as typed. */
  units: { readonly x: string; readonly y: string };
}

interface LinesProps extends Props {
  /** How a slope and an intercept are written. */
  slope: (value: number) => WrittenNumber;
  height: (value: number) => WrittenNumber;
}

/** What a column holds, with its unit as the house rules have it. */
function Head({ of, unit }: { of: string; unit: RunText }) {
  return (
    <th className="text-right font-normal">
      {of}{" "}
      <span className="inline-block whitespace-nowrap">
        <RunTextView runs={withUnit([], unit, useHouseRules())} />
      </span>
    </th>
  );
}

/** A half under its column. */
function Half({ size, beside }: { size: number; beside: WrittenNumber }) {
  const { figuresOfUncertainty: rule } = useHouseRules();
  return (
    <>
      ± <NumberView number={halfInLedger(size, beside, rule)} unit={[]} />
    </>
  );
}

/** How far the intercept can lie among all lines that are allowed, not only the two that are drawn. */
function OverAllLines({ size, beside }: { size: number; beside: WrittenNumber }) {
  return (
    <tr className="text-magenta">
      <td colSpan={3}>{slopeTexts.overAllAllowedLines}</td>
      <td className="text-right" data-testid="all-lines">
        <Half size={size} beside={beside} />
      </td>
    </tr>
  );
}

/** The three lines with half of what lies between them. */
function Lines({ line, range, units, slope, height }: LinesProps) {
  const { byEye, halfOfIntercept, halfBetweenIntercepts } = range;
  const wider = halfOfIntercept > halfBetweenIntercepts * (1 + 1e-9);
  const { slopeWord } = useHouseRules();
  const rows = [
    { kind: "best", of: line },
    { kind: "steepest", of: range.steepest },
    { kind: "shallowest", of: range.shallowest },
  ] as const;
  const numbers = (of: RangeLine) =>
    [slope(of.slope), height(of.intercept)].map((number, column) => (
      <td key={column} className="text-right">
        <NumberView number={number} unit={[]} />
      </td>
    ));
  return (
    <table className="w-full max-w-[360px]" data-testid="ledger">
      <thead>
        <tr className="text-soft border-hairline border-b text-left text-xs">
          <th className="font-normal" colSpan={2}>
            {slopeTexts.line}
          </th>
          <Head of={slopeWordText(slopeWord)} unit={writeSlopeUnit(units.y, units.x)} />
          <Head of={slopeTexts.intercept} unit={writeUnitText(units.y)} />
        </tr>
      </thead>
      <tbody>
        {rows.map(({ kind, of }) => (
          <tr key={kind} className={kind === "best" ? "" : "text-magenta"}>
            <td className="w-11">
              <Sample kind={kind} />
            </td>
            <td>{slopeTexts.roles[kind]}</td>
            {numbers(of)}
          </tr>
        ))}
        {byEye && (
          <tr>
            <td />
            <td>{slopeTexts.bestByEye}</td>
            {numbers(byEye)}
          </tr>
        )}
        <tr className="border-hairline text-magenta border-t">
          <td colSpan={2}>{slopeTexts.halfBetweenThem}</td>
          <td className="text-right">
            <Half size={range.halfOfSlope} beside={slope(line.slope)} />
          </td>
          <td className="text-right">
            <Half size={halfBetweenIntercepts} beside={height(line.intercept)} />
          </td>
        </tr>
        {wider && <OverAllLines size={halfOfIntercept} beside={height(line.intercept)} />}
      </tbody>
    </table>
  );
}

/** Best, steepest and shallowest line with what lies between them. */
export function LineLedgerTable({ line, range, units }: Props) {
  const { halfOfSlope, halfOfIntercept, halfBetweenIntercepts } = range;
  const { figuresOfUncertainty: rule } = useHouseRules();
  const ofHeight = halfBetweenIntercepts > 0 ? halfBetweenIntercepts : halfOfIntercept;
  const slope = (value: number) => inLedger(value, halfOfSlope, rule);
  const height = (value: number) => inLedger(value, ofHeight, rule);
  const near = halfBetweenIntercepts < halfOfIntercept / 2;
  return (
    <>
      <Lines line={line} range={range} units={units} slope={slope} height={height} />
      {near && <p className="text-soft mt-1">{crossNearZero()}</p>}
    </>
  );
}
