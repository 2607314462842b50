"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { useState } from "react";
import type { LineFit } from "@/core/fit/lineFit";
import { writeNumber } from "@/core/number/writtenNumber";
import { type LedgerRow, type LineLedger, writeRSquared } from "@/pipeline/lines/lineLedger";
import { RunTextView } from "../parts/RunTextView";
import { LedgerEntry as Entry } from "../parts/LedgerEntry";
import { NumberView, useDecimalMark } from "../parts/StatementView";
import { Tick } from "../parts/Tick";

const digits = 15;

/** Every figure of a line: as the house rounds, or with all digits. */
export function Particulars({ line, ledger }: { line: LineFit; ledger: LineLedger }) {
  const [full, setFull] = useState(false);
  return (
    <div className="flex flex-col gap-2">
      {full ? <AllDigits line={line} ledger={ledger} /> : <Rounded line={line} ledger={ledger} />}
      <Tick label={slopeTexts.allDigits} checked={full} onChange={setFull} />
    </div>
  );
}

function List({ rows }: { rows: readonly { term: string; value: React.ReactNode }[] }) {
  return (
    <dl className="grid max-w-[360px] grid-cols-[1fr_auto] gap-x-4 gap-y-1">
      {rows
        .filter(({ value }) => value !== undefined && value !== false)
        .map(({ term, value }) => (
          <div key={term} className="contents">
            <dt className="text-soft">{term}</dt>
            <dd data-testid={term} className="text-right">
              {value}
            </dd>
          </div>
        ))}
    </dl>
  );
}

function Rounded({ line, ledger }: { line: LineFit; ledger: LineLedger }) {
  const marked = useDecimalMark();
  const bare = (value: number | undefined) =>
    value === undefined ? undefined : <NumberView number={writeNumber(value, 3)} unit={[]} />;
  const { residualStandardDeviation } = ledger;
  return (
    <List
      rows={[
        { term: "points", value: line.count },
        { term: slopeTexts.degreesOfFreedom, value: line.degreesOfFreedom },
        { term: slopeTexts.slopeWithItsStandardError, value: <Entry row={ledger.slope} /> },
        { term: slopeTexts.interceptWithItsStandardError, value: <Entry row={ledger.intercept} /> },
        {
          term: slopeTexts.standardDeviationOffTheLine,
          value: residualStandardDeviation && (
            <NumberView number={residualStandardDeviation} unit={ledger.yUnit} />
          ),
        },
        { term: "R²", value: ledger.rSquared && marked(ledger.rSquared) },
        {
          term: slopeTexts.adjustedR,
          value:
            line.adjustedRSquared !== undefined && marked(writeRSquared(line.adjustedRSquared)),
        },
        { term: "χ²", value: bare(line.chiSquare) },
        { term: "reduced χ²", value: bare(line.reducedChiSquare) },
        { term: slopeTexts.probabilityOfALarger, value: bare(line.probability) },
      ]}
    />
  );
}

function AllDigits({ line, ledger }: { line: LineFit; ledger: LineLedger }) {
  const marked = useDecimalMark();
  const whole = (value: number | undefined, unit: LedgerRow["unit"] = []) =>
    value === undefined ? undefined : (
      <span className="tabular-nums">
        {marked(String(Number(value.toPrecision(digits))).replace("-", "−"))}{" "}
        <RunTextView runs={unit} />
      </span>
    );
  const { slope, intercept, yUnit } = ledger;
  return (
    <List
      rows={[
        { term: slopeTexts.slopeTerm, value: whole(line.slope, slope.unit) },
        { term: slopeTexts.itsStandardError, value: whole(line.standardErrorOfSlope, slope.unit) },
        { term: slopeTexts.interceptAllDigits, value: whole(line.intercept, intercept.unit) },
        {
          term: slopeTexts.itsStandardError,
          value: whole(line.standardErrorOfIntercept, intercept.unit),
        },
        { term: slopeTexts.covarianceOfBoth, value: whole(line.covariance) },
        {
          term: slopeTexts.standardDeviationOffTheLine,
          value: whole(line.residualStandardDeviation, yUnit),
        },
        { term: "R²", value: whole(line.rSquared) },
        { term: slopeTexts.adjustedR, value: whole(line.adjustedRSquared) },
        { term: "χ²", value: whole(line.chiSquare) },
      ]}
    />
  );
}
