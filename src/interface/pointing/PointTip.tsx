"use client";

import { partsTexts } from "@/wording/partsTexts";
import { ReasonChoice } from "../parts/ReasonChoice";
import { nanoid } from "nanoid";
import { useContext, useState } from "react";
import { addSeries } from "@/investigation/acts/addSeries";
import { setAside } from "@/investigation/acts/setAside";
import { wholeRow } from "@/investigation/model/row";
import type { FigureFit } from "@/pipeline/lines/fit";
import { measured } from "@/pipeline/readings/measured";
import { writeMeasured } from "@/pipeline/readings/writtenReading";
import { type UsualReason, usualReasons } from "@/investigation/model/reason";
import { heardWords as words } from "@/wording/figureMenu";
import { plainRunText } from "@/core/unit/runText";
import { writeUnitText } from "@/core/unit/unitText";
import { useDecimalMark } from "../parts/StatementView";
import { offTheLine } from "./offTheLine";
import { Button } from "../parts/Button";
import { DrawerCallContext } from "../parts/DrawerCall";
import { SymbolWithUnit } from "../parts/QuantityLabel";
import { WrittenReadingView } from "../parts/WrittenReadingView";
import { useHouseRules } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";
import type { PlacedPoint } from "./figurePoints";

/** Rows are left out only with a reason. */
function SetRowsAside({ rows, onDone }: { rows: readonly string[]; onDone: () => void }) {
  const { act } = useActs();
  const [usual, setUsual] = useState<UsualReason>();
  if (usual === undefined) {
    return (
      <Button onClick={() => setUsual(usualReasons[0])}>
        {partsTexts.setCountOtherThemAside({ count: rows.length })}
      </Button>
    );
  }
  return (
    <>
      <span className="w-56">
        <ReasonChoice label={partsTexts.because} value={usual} onChange={setUsual} />
      </span>
      <Button
        onClick={() => {
          const readings = rows.map((row) => ({ row, cell: wholeRow }));
          act(setAside, { readings, reason: { usual } });
          onDone();
        }}
      >
        {partsTexts.setAside}
      </Button>
    </>
  );
}

/** How far a reading is off its line. */
function OffTheLine({ point, fit }: { point: PlacedPoint; fit: FigureFit }) {
  const rules = useHouseRules();
  const found = offTheLine(fit, point, rules);
  const mark = useDecimalMark();
  if (!found) return null;
  const { mantissa, exponent } = found.written;
  const power = exponent === undefined ? "" : ` × 10^${exponent}`;
  const unit = plainRunText(writeUnitText(fit.y.quantity.unit));
  const amount = `${mark(mantissa)}${power}${unit && ` ${unit}`}`;
  return (
    <span className="text-soft">
      {found.off === 0 ? words.on : words.off({ amount, side: found.off > 0 ? "above" : "below" })}
    </span>
  );
}

/** One reading of the figure: its row, its values with ±, and what can be done with it. */
export function PointTip({
  point,
  fit,
  onDone,
}: {
  point: PlacedPoint;
  fit: FigureFit;
  onDone: () => void;
}) {
  const { figuresOfUncertainty } = useHouseRules();
  const call = useContext(DrawerCallContext);
  const row = fit.table.rows.find(({ id }) => id === point.row);
  if (!row) return null;
  const y = [fit.y, ...fit.also].find(({ id }) => id === point.quantity) ?? fit.y;
  return (
    <>
      <span className="font-semibold">
        {point.series
          ? partsTexts.rowInSeries({ row: point.number, series: point.series })
          : partsTexts.rowOfPoint({ row: point.number })}
      </span>
      {[fit.x, y].map((quantity) => {
        const found = measured(row, quantity);
        return (
          <span key={quantity.id} className="whitespace-nowrap">
            <SymbolWithUnit quantity={quantity.quantity} />:{" "}
            {found && (
              <WrittenReadingView written={writeMeasured(found, quantity, figuresOfUncertainty)} />
            )}
          </span>
        );
      })}
      <OffTheLine point={point} fit={fit} />
      <Button
        onClick={() => call({ table: fit.table.id, row: point.row, quantity: point.quantity })}
      >
        {partsTexts.goToItsReading}
      </Button>
      <SetRowsAside key={point.row} rows={[point.row]} onDone={onDone} />
    </>
  );
}

/** The readings in a drawn region, and what can be done with them together. */
export function RegionTip({
  rows,
  table,
  onDone,
}: {
  rows: readonly string[];
  table: string;
  onDone: () => void;
}) {
  const { act } = useActs();
  if (rows.length === 0) return <span>{partsTexts.noReadingLiesInThis}</span>;
  return (
    <>
      <span className="font-semibold">
        {rows.length} {rows.length === 1 ? "reading" : "readings"}
      </span>
      <SetRowsAside rows={rows} onDone={onDone} />
      <Button
        onClick={() => {
          act(addSeries, { id: nanoid(10), table, name: "", rows });
          onDone();
        }}
      >
        {partsTexts.makeASeriesOfCount({ count: rows.length })}
      </Button>
      <Button look="quiet" onClick={onDone}>
        {partsTexts.leaveThem}
      </Button>
    </>
  );
}
