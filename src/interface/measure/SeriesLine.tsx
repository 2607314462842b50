"use client";

import { measureTexts } from "@/wording/measureTexts";
import { nameSeries } from "@/investigation/acts/nameSeries";
import { removeSeries } from "@/investigation/acts/removeSeries";
import type { EvaluatedSeries } from "@/pipeline/table/table";
import { Button } from "../parts/Button";
import { useActs } from "../store/useInvestigation";
import { useGridController, useGridPart } from "./MeasureContext";
import { SeriesMarker } from "./SeriesMarker";

const chipLook = "inline-flex items-center gap-1.5 rounded-full border px-2.5 py-0.5 max-w-64";

/** Name of the series in hand, and how to dissolve it. */
function SeriesInHand({ id, series }: EvaluatedSeries) {
  const controller = useGridController();
  const { act } = useActs();
  const dissolve = () => {
    act(removeSeries, { series: id });
    controller.show({});
  };
  return (
    <>
      <input
        aria-label={measureTexts.nameOfTheSeries}
        value={series.name}
        placeholder={measureTexts.wireA}
        maxLength={200}
        onChange={(event) =>
          act(nameSeries, { series: id, name: event.target.value }, `series/${id}`)
        }
        className="border-hairline h-7 w-40 rounded-md border px-2"
      />
      <Button look="quiet" title={measureTexts.itsRowsStayInThe} onClick={dissolve}>
        {measureTexts.dissolve}
      </Button>
    </>
  );
}

/** The series of the table: all together, or one alone, into which new rows then go. */
export function SeriesLine() {
  const all = useGridPart(({ table }) => table.series);
  const chosen = useGridPart(({ series }) => series);
  const controller = useGridController();
  if (all.length === 0) return null;
  const inHand = all.find(({ id }) => id === chosen);
  const look = (pressed: boolean) =>
    `${chipLook} ${pressed ? "border-petrol bg-petrol/10 font-semibold" : "border-hairline"}`;
  return (
    <div
      role="group"
      aria-label={measureTexts.series}
      className="mb-2 flex flex-wrap items-center gap-2"
    >
      <button
        type="button"
        aria-pressed={!chosen}
        className={look(!chosen)}
        onClick={() => controller.show({})}
      >
        {measureTexts.allSeries}
      </button>
      {all.map(({ id, series }, place) => (
        <button
          key={id}
          type="button"
          aria-pressed={id === chosen}
          className={look(id === chosen)}
          onClick={() => controller.show({ series: id })}
        >
          <SeriesMarker seriesNumber={place} />
          <span className="truncate">{series.name.trim() || measureTexts.unnamedSeries}</span>
        </button>
      ))}
      {inHand && <SeriesInHand {...inHand} />}
    </div>
  );
}
