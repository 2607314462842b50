"use client";

import { useMemo, useState } from "react";
import { cardWords as words } from "@/wording/bigEntry";
import { Button } from "../../parts/Button";
import { useHouseRules } from "../../store/useEvaluated";
import { gridTemplate } from "../gridTemplate";
import { useGridView } from "../MeasureContext";
import { ReadingsGrid } from "../ReadingsGrid";
import { RowCards } from "./RowCards";
import { useNarrow } from "../../parts/useNarrow";

/** Room beside the table on a phone. */
const edges = 48;

interface Props {
  onSaid: (sentence: string) => void;
  height: string;
}

/** On a phone the table, or row by row where it is wider than the screen. */
function NarrowReadings({ onSaid, height }: Props) {
  const { columns, rows } = useGridView();
  const { figuresOfUncertainty: rule } = useHouseRules();
  const { least } = useMemo(() => gridTemplate(columns, rows, rule), [columns, rows, rule]);
  const [wanted, setWanted] = useState<"cards" | "table">();
  const cards = (wanted ?? (least + edges > window.innerWidth ? "cards" : "table")) === "cards";
  return (
    <>
      <div className="mb-2">
        <Button onClick={() => setWanted(cards ? "table" : "cards")}>
          {cards ? words.asTable : words.asCards}
        </Button>
      </div>
      {cards ? <RowCards onSaid={onSaid} /> : <ReadingsGrid onSaid={onSaid} height={height} />}
    </>
  );
}

/** The readings as a table, or on a phone, where the table is wider than the screen, row by row. */
export function Readings(props: Props) {
  return useNarrow() ? <NarrowReadings {...props} /> : <ReadingsGrid {...props} />;
}
