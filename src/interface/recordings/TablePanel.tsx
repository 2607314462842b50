"use client";

import { useState } from "react";
import { isRate, type TableOrder, tableWays } from "@/pipeline/recordings/asTable";
import { tablingWords as words } from "@/wording/tabling";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { Foldable } from "../parts/Foldable";
import { Tick } from "../parts/Tick";
import { useInvestigation } from "../store/useInvestigation";
import { MomentField } from "./MomentField";
import { useDesk, useDeskState, useRecordingInHand } from "./RecordingsProvider";
import { makeSmoothed, makeTable } from "./tabling";
import { useLastSaid } from "../language/useLastSaid";

/** About so many rows are proposed. */
const usualRows = 100;
/** Over so many readings a rate of change or a smooth value is found, as it is proposed. */
const usualThrough = 11;

interface Said {
  readonly sentence: string;
  readonly table?: string;
}

/** How many readings become one row, as it is proposed: so that about a hundred rows come of it. */
function useUsualEvery(): number {
  const stretch = useDeskState((state) => state.stretch);
  const recording = useRecordingInHand();
  if (!recording) return 1;
  const { how, readings } = recording;
  const inStretch = stretch ? (stretch.to - stretch.from) / how.step : readings;
  return how.tells === "readings" ? Math.max(1, Math.round(inStretch / usualRows)) : 1;
}

const whole = (value: number | null) => (value === null ? null : Math.max(1, Math.round(value)));

/** How the rows are made, as it is chosen here. */
function useOrder(isReadings: boolean) {
  const usual = useUsualEvery();
  const [way, setWay] = useState<TableOrder["way"]>("every");
  const [every, setEvery] = useState<number | null>(null);
  const [through, setThrough] = useState<number | null>(null);
  const order: TableOrder = { way: isReadings ? way : "every", every: every ?? usual, through: through ?? usualThrough }; // prettier-ignore
  return { order, usual, every, through, setWay, setEvery, setThrough };
}

/** How many readings make a row, and over how many a rate of change or a smooth value is found. */
function Orders({ ordering, tells }: { ordering: ReturnType<typeof useOrder>; tells: keyof typeof words.every }) {
  const { order, usual, every, through, setWay, setEvery, setThrough } = ordering;
  const isReadings = tells === "readings";
  return (
    <>
      {isReadings && (
        <Choice
          label={words.way}
          value={order.way}
          options={tableWays.map((value) => ({ value, label: words.ways[value] }))}
          onChange={setWay}
        />
      )}
      <div className="grid grid-cols-2 gap-2">
        <MomentField
          label={words.every[tells]}
          value={every === null ? "" : String(every)}
          placeholder={String(usual)}
          onChange={(value) => setEvery(whole(value))}
        />
        {isReadings && (
          <MomentField
            label={isRate(order.way) ? words.through : words.smooth.over}
            value={through === null ? "" : String(through)}
            placeholder={String(usualThrough)}
            onChange={(value) => setThrough(whole(value))}
          />
        )}
      </div>
    </>
  );
} // prettier-ignore

/** A recording, or the stretch in hand, as a table: from there on the stages as always. */
export function TablePanel({ onTable }: { onTable: (table: string) => void }) {
  const desk = useDesk();
  const recording = useRecordingInHand();
  const readOnly = useInvestigation((state) => state.readOnly);
  const isReadings = recording?.how.tells === "readings";
  const ordering = useOrder(isReadings);
  const [fromFirst, setFromFirst] = useState(false);
  const [said, say] = useLastSaid<Said>();
  if (!recording || readOnly) return null;
  const { id, how } = recording;
  const make = async () => {
    const made = await makeTable(desk, id, ordering.order, fromFirst);
    if ("problem" in made) say({ sentence: made.problem });
    else say({ sentence: words.made({ rows: made.rows }), table: made.table });
  };
  const smooth = async () => {
    const problem = await makeSmoothed(desk, id, ordering.order.through);
    say(problem ? { sentence: problem } : undefined);
  };
  const table = said?.table;
  return (
    <Foldable title={words.title}>
      <div className="grid gap-2">
        <Orders ordering={ordering} tells={how.tells} />
        <Tick label={words.fromFirst} checked={fromFirst} onChange={setFromFirst} />
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => void make()}>{words.make}</Button>
          {isReadings && (
            <Button title={words.smooth.text} onClick={() => void smooth()}>
              {words.smooth.make}
            </Button>
          )}
        </div>
        <p role="status">{said?.sentence}</p>
        {table !== undefined && (
          <div>
            <Button onClick={() => onTable(table)}>{words.show}</Button>
          </div>
        )}
      </div>
    </Foldable>
  );
}
