"use client";

import type { LineFit } from "@/core/fit/lineFit";
import type { FigurePoints } from "@/pipeline/fit";
import { findingSentence } from "@/wording/findings";
import { NumberView, StatementView } from "../parts/StatementView";
import { MarginNote, PencilMark } from "../parts/StageLayout";
import { useFigureFit } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { type LedgerRow, type LineLedger, lineLedger } from "./lineLedger";

function Entry({ row }: { row: LedgerRow }) {
  if (row.statement) return <StatementView statement={row.statement} unit={row.unit} />;
  return row.bare ? <NumberView number={row.bare} unit={row.unit} /> : null;
}

function SlopeAndIntercept({ ledger }: { ledger: LineLedger }) {
  return (
    <MarginNote title="Best-fit line">
      <p data-testid="slope" className="font-serif text-lg font-semibold">
        slope = <Entry row={ledger.slope} />
      </p>
      <p data-testid="intercept" className="mt-1 font-serif text-base">
        intercept = <Entry row={ledger.intercept} />
      </p>
      <p className="text-soft mt-2">
        Least squares, every point counting the same; ± is the standard error.
      </p>
    </MarginNote>
  );
}

function Particulars({ line, ledger }: { line: LineFit; ledger: LineLedger }) {
  const rows = [
    { term: "points", value: line.count },
    { term: "degrees of freedom", value: line.degreesOfFreedom },
    {
      term: "standard deviation off the line",
      value: ledger.residualStandardDeviation && (
        <NumberView number={ledger.residualStandardDeviation} unit={ledger.yUnit} />
      ),
    },
    { term: "R²", value: ledger.rSquared },
  ];
  return (
    <MarginNote title="How the points lie">
      <dl className="grid max-w-[340px] grid-cols-[1fr_auto] gap-x-4 gap-y-1">
        {rows
          .filter(({ value }) => value !== undefined)
          .map(({ term, value }) => (
            <div key={term} className="contents">
              <dt className="text-soft">{term}</dt>
              <dd className="text-right">{value}</dd>
            </div>
          ))}
      </dl>
    </MarginNote>
  );
}

function LineNotes({ line, points }: { line: LineFit; points: FigurePoints }) {
  const rule = useInvestigation((state) => state.document.houseRules.figuresOfUncertainty);
  const ledger = lineLedger(line, points, rule);
  return (
    <>
      <SlopeAndIntercept ledger={ledger} />
      <Particulars line={line} ledger={ledger} />
      {line.findings.length > 0 && (
        <MarginNote title="Pencil marks">
          <ul>
            {line.findings.map((finding) => (
              <PencilMark key={finding.name}>{findingSentence(finding)}</PencilMark>
            ))}
          </ul>
        </MarginNote>
      )}
    </>
  );
}

/** The margin of Slope: the line's slope and intercept with units, or why there is no line. */
export function SlopeMargin() {
  const fit = useFigureFit();
  if (!fit) {
    return (
      <MarginNote title="Best-fit line">
        <p className="text-soft">Choose what goes on the axes in Plot first.</p>
      </MarginNote>
    );
  }
  const { outcome, points } = fit;
  if (outcome.kind === "no-line") {
    return (
      <MarginNote title="Best-fit line">
        <p>{findingSentence(outcome.finding)}</p>
      </MarginNote>
    );
  }
  return <LineNotes line={outcome.line} points={points} />;
}
