"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { ReasonChoice } from "../parts/ReasonChoice";
import { useContext, useState } from "react";
import { setAside } from "@/investigation/acts/setAside";
import { wholeRow } from "@/investigation/model/row";
import type { FigurePoints } from "@/pipeline/lines/fit";
import { noRangeSentence } from "@/wording/lines";
import { type UsualReason, usualReasons } from "@/investigation/model/reason";
import { Button } from "../parts/Button";
import { DrawerCallContext } from "../parts/DrawerCall";
import { useFigureFit } from "../store/useFigureFit";
import { useActs } from "../store/useInvestigation";

interface Props {
  points: FigurePoints;
  factor: number;
  preventing: readonly number[];
}

/** No line meets every box: by how much the bars fall short, which readings prevent it, and what to do. */
export function Preventing({ points, factor, preventing }: Props) {
  const table = useFigureFit()?.table;
  const call = useContext(DrawerCallContext);
  const { act } = useActs();
  const [usual, setUsual] = useState<UsualReason>(usualReasons[0]);
  const numbers = new Map(table?.rows.map(({ id }, index) => [id, index + 1]));
  return (
    <div data-testid="preventing">
      <p>{noRangeSentence(factor)}</p>
      <div className="mt-2">
        <ReasonChoice
          label={slopeTexts.reasonForSettingOneAside}
          value={usual}
          onChange={setUsual}
        />
      </div>
      <ul className="mt-2">
        {preventing.map((place) => {
          const row = points.rows[place];
          if (!row || !table) return null;
          return (
            <li key={row.id} className="flex items-center gap-2 py-0.5">
              <span className="mr-auto font-semibold">
                {slopeTexts.rowOf({ row: numbers.get(row.id) ?? "" })}
              </span>
              <Button
                look="quiet"
                onClick={() => call({ table: table.id, row: row.id, quantity: points.y.id })}
              >
                {slopeTexts.goToItsReading}
              </Button>
              <Button
                onClick={() =>
                  act(setAside, { readings: [{ row: row.id, cell: wholeRow }], reason: { usual } })
                }
              >
                {slopeTexts.setAside}
              </Button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
