"use client";

import type { LineFit } from "@/core/fit/lineFit";
import { writeNumber } from "@/core/number/writtenNumber";
import { seriesName } from "@/pipeline/figure";
import type { FigureFit, FigurePoints, SeriesFit } from "@/pipeline/fit";
import { type LedgerRow, type LineLedger, lineLedger } from "@/pipeline/lineLedger";
import { type LineRange, lineRange } from "@/pipeline/lineRange";
import { findingSentence } from "@/wording/findings";
import { lineSentence } from "@/wording/lines";
import { NumberView, StatementView, useDecimalMark } from "../parts/StatementView";
import { MarginNote, PencilMark } from "../parts/StageLayout";
import { useFigureFit, useHouseRules } from "../store/useEvaluated";
import { LineChoices } from "./LineChoices";
import { LineLedgerTable } from "./LineLedgerTable";
import { Preventing } from "./Preventing";

function Entry({ row }: { row: LedgerRow }) {
  if (row.statement) return <StatementView statement={row.statement} unit={row.unit} />;
  return row.bare ? <NumberView number={row.bare} unit={row.unit} /> : null;
}

/** Slope and intercept with their standard errors, where there is no range. */
function WithoutRange({ line, ledger }: { line: LineFit; ledger: LineLedger }) {
  const rules = useHouseRules();
  return (
    <>
      <p data-testid="slope" className="font-serif text-lg font-semibold">
        {rules.slopeWord} = <Entry row={ledger.slope} />
      </p>
      <p data-testid="intercept" className="mt-1 font-serif text-base">
        intercept = <Entry row={ledger.intercept} />
      </p>
      <p className="text-soft mt-2">{lineSentence(line, rules)} ± is the standard error.</p>
    </>
  );
}

function Particulars({ line, ledger }: { line: LineFit; ledger: LineLedger }) {
  const marked = useDecimalMark();
  const bare = (value: number | undefined) =>
    value === undefined ? undefined : <NumberView number={writeNumber(value, 3)} unit={[]} />;
  const rows = [
    { term: "points", value: line.count },
    { term: "degrees of freedom", value: line.degreesOfFreedom },
    { term: "slope with its standard error", value: <Entry row={ledger.slope} /> },
    { term: "intercept with its standard error", value: <Entry row={ledger.intercept} /> },
    {
      term: "standard deviation off the line",
      value: ledger.residualStandardDeviation && (
        <NumberView number={ledger.residualStandardDeviation} unit={ledger.yUnit} />
      ),
    },
    { term: "R²", value: ledger.rSquared && marked(ledger.rSquared) },
    { term: "χ²", value: bare(line.chiSquare) },
    { term: "reduced χ²", value: bare(line.reducedChiSquare) },
    { term: "probability of a larger χ²", value: bare(line.probability) },
  ];
  return (
    <MarginNote title="How the points lie">
      <dl className="grid max-w-[360px] grid-cols-[1fr_auto] gap-x-4 gap-y-1">
        {rows
          .filter(({ value }) => value !== undefined)
          .map(({ term, value }) => (
            <div key={term} className="contents">
              <dt className="text-soft">{term}</dt>
              <dd data-testid={term} className="text-right">
                {value}
              </dd>
            </div>
          ))}
      </dl>
    </MarginNote>
  );
}

interface LineNotesProps {
  line: LineFit;
  points: FigurePoints;
  range: LineRange | undefined;
  title: string;
}

function LineNotes({ line, points, range, title }: LineNotesProps) {
  const { figuresOfUncertainty } = useHouseRules();
  const ledger = lineLedger(line, points, figuresOfUncertainty);
  const findings = [...line.findings, ...(range?.kind === "no-range" ? [range.finding] : [])];
  return (
    <>
      <MarginNote title={title}>
        {range?.kind === "range" ? (
          <LineLedgerTable line={line} points={points} range={range} />
        ) : (
          <WithoutRange line={line} ledger={ledger} />
        )}
        {range?.kind === "none" && (
          <div className="mt-3">
            <Preventing points={points} factor={range.factor} preventing={range.preventing} />
          </div>
        )}
        {findings.length > 0 && (
          <ul className="mt-2">
            {findings.map((finding) => (
              <PencilMark key={finding.name}>{findingSentence(finding)}</PencilMark>
            ))}
          </ul>
        )}
      </MarginNote>
      <Particulars line={line} ledger={ledger} />
    </>
  );
}

function SeriesNotes({ fit, whole }: { fit: SeriesFit; whole: FigureFit }) {
  const rules = useHouseRules();
  const { outcome, fitted } = fit;
  const several = whole.groups.length > 1;
  const title = several ? `Best-fit line: ${seriesName(fit, whole)}` : "Best-fit line";
  if (outcome.kind === "no-line") {
    return (
      <MarginNote title={title}>
        <p>{findingSentence(outcome.finding)}</p>
      </MarginNote>
    );
  }
  const range = lineRange(fitted, outcome, rules);
  return <LineNotes line={outcome.line} points={fitted} range={range} title={title} />;
}

/** The margin of Slope: how the line is laid, and each line with its slope range, or why there is none. */
export function SlopeMargin() {
  const fit = useFigureFit();
  if (!fit) {
    return (
      <MarginNote title="Best-fit line">
        <p className="text-soft">Choose what goes on the axes in Plot first.</p>
      </MarginNote>
    );
  }
  return (
    <>
      {fit.groups.map((group) => (
        <SeriesNotes key={group.points.place} fit={group} whole={fit} />
      ))}
      <MarginNote title="How the line is laid">
        <LineChoices />
      </MarginNote>
    </>
  );
}
