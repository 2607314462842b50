"use client";

import { measureTexts } from "@/wording/measureTexts";
import { nanoid } from "nanoid";
import { addQuantity } from "@/investigation/acts/addQuantity";
import { limits } from "@/investigation/model/limits";
import { freeSymbol } from "@/intake/freeSymbol";
import { bigEntryWords } from "@/wording/bigEntry";
import { sayings } from "@/wording/sayings";
import { BringIn } from "../filing/BringIn";
import { TakeOutTable } from "../filing/TakeOutTable";
import { Button } from "../parts/Button";
import { TeacherWord } from "../parts/TeacherWord";
import { useQuantities } from "../store/useEvaluated";
import { ForWriters } from "../store/ForWriters";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { FindLine } from "./FindLine";
import { GatheredNote } from "./GatheredNote";
import { useGrid, useGridController } from "./MeasureContext";
import { RowsMenu } from "./RowsMenu";
import { Readings } from "./entry/Readings";
import { SeriesLine } from "./SeriesLine";
import { TableLine, TableTools } from "./TableLine";
import { laterPart } from "../later/laterPart";
import { useLastSaid } from "../language/useLastSaid";

const ConstantsTable = laterPart(() =>
  import("./ConstantsTable").then((part) => part.ConstantsTable),
);

const BigEntry = laterPart(() => import("./entry/BigEntry").then((part) => part.BigEntry));

function AddQuantityButton() {
  const controller = useGridController();
  const quantities = useQuantities();
  const { act } = useActs();
  const add = () => {
    const taken = new Set(quantities.map(({ quantity }) => quantity.symbol));
    const { table } = controller.view();
    act(addQuantity, { id: nanoid(10), table: table.id, symbol: freeSymbol("q", taken) });
    controller.goTo({ row: 0, column: controller.view().columns.length - 1 });
  };
  return (
    <Button disabled={quantities.length >= limits.quantities} onClick={add}>
      {measureTexts.addAQuantity}
    </Button>
  );
}

/** How the keys go; who only reads is told what they can do here. */
function Hint() {
  const readOnly = useInvestigation((state) => state.readOnly);
  const { hint, hintForReaders } = sayings.measure;
  return <p className="text-soft mb-2 max-sm:hidden">{readOnly ? hintForReaders : hint}</p>;
}

/** The page of Measure: the tables of readings and the constants. */
export function MeasurePage() {
  const [said, onSaid] = useLastSaid();
  const controller = useGridController();
  const finding = useGrid((state) => state.finding);
  const big = useGrid((state) => state.big);
  const empty = useInvestigation(({ document }) => Object.keys(document.rows).length === 0);
  return (
    <>
      <div className="flex flex-wrap items-start gap-2">
        <div className="mr-auto min-w-60 flex-1 max-sm:min-w-0">
          <h1 className="font-serif text-[18px] font-semibold">{sayings.measure.title}</h1>
          <Hint />
        </div>
        <ForWriters>
          <BringIn
            table={() => controller.view().table}
            onBroughtIn={(sentence, brought) => {
              if (brought) controller.show({ table: brought });
              onSaid(sentence);
            }}
          />
        </ForWriters>
        <TakeOutTable table={() => controller.view().table} />
      </div>
      {empty && <TeacherWord />}
      <TableLine />
      <SeriesLine />
      {finding && <FindLine />}
      <Readings onSaid={onSaid} height="max-h-[calc(100vh-330px)] min-h-60" />
      <div className="mt-3 flex flex-wrap gap-2.5">
        <ForWriters>
          <AddQuantityButton />
          <RowsMenu />
          <TableTools />
          <Button onClick={() => controller.showBig(true)} title={bigEntryWords.key}>
            {bigEntryWords.open}
          </Button>
        </ForWriters>
        {!finding && (
          <Button
            onClick={() => controller.grid.setState({ finding: true })}
            title={measureTexts.findKey}
          >
            {measureTexts.find}
          </Button>
        )}
      </div>
      <p role="status" aria-live="polite" className="mt-2 min-h-5">
        {said}
      </p>
      {big && <BigEntry />}
      <GatheredNote />
      <ConstantsTable />
    </>
  );
}
