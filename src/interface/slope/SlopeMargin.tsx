"use client";

import type { LineFit } from "@/core/fit/lineFit";
import { seriesName } from "@/pipeline/figure";
import type { FigureFit, FigurePoints, SeriesFit } from "@/pipeline/fit";
import { findingSentence } from "@/wording/findings";
import { NumberView, StatementView, useDecimalMark } from "../parts/StatementView";
import { MarginNote, PencilMark } from "../parts/StageLayout";
import { useFigureFit, useHouseRules } from "../store/useEvaluated";
import { type LedgerRow, type LineLedger, lineLedger } from "@/pipeline/lineLedger";

function Entry({ row }: { row: LedgerRow }) {
  if (row.statement) return <StatementView statement={row.statement} unit={row.unit} />;
  return row.bare ? <NumberView number={row.bare} unit={row.unit} /> : null;
}

function SlopeAndIntercept({ ledger, title }: { ledger: LineLedger; title: string }) {
  const { slopeWord } = useHouseRules();
  return (
    <MarginNote title={title}>
      <p data-testid="slope" className="font-serif text-lg font-semibold">
        {slopeWord} = <Entry row={ledger.slope} />
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
  const marked = useDecimalMark();
  const rows = [
    { term: "points", value: line.count },
    { term: "degrees of freedom", value: line.degreesOfFreedom },
    {
      term: "standard deviation off the line",
      value: ledger.residualStandardDeviation && (
        <NumberView number={ledger.residualStandardDeviation} unit={ledger.yUnit} />
      ),
    },
    { term: "R²", value: ledger.rSquared && marked(ledger.rSquared) },
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

function LineNotes({
  line,
  points,
  title,
}: {
  line: LineFit;
  points: FigurePoints;
  title: string;
}) {
  const { figuresOfUncertainty } = useHouseRules();
  const ledger = lineLedger(line, points, figuresOfUncertainty);
  return (
    <>
      <SlopeAndIntercept ledger={ledger} title={title} />
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

function SeriesNotes({ fit, whole }: { fit: SeriesFit; whole: FigureFit }) {
  const { outcome, points } = fit;
  const several = whole.groups.length > 1;
  const title = several ? `Best-fit line: ${seriesName(fit, whole)}` : "Best-fit line";
  if (outcome.kind === "no-line") {
    return (
      <MarginNote title={title}>
        <p>{findingSentence(outcome.finding)}</p>
      </MarginNote>
    );
  }
  return <LineNotes line={outcome.line} points={points} title={title} />;
}

/** The margin of Slope: each line's slope and intercept with units, or why there is no line. */
export function SlopeMargin() {
  const fit = useFigureFit();
  if (!fit) {
    return (
      <MarginNote title="Best-fit line">
        <p className="text-soft">Choose what goes on the axes in Plot first.</p>
      </MarginNote>
    );
  }
  return fit.groups.map((group) => (
    <SeriesNotes key={group.points.place} fit={group} whole={fit} />
  ));
}
