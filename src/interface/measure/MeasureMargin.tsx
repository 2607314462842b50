"use client";

import { MarginNote, PencilMark } from "../parts/StageLayout";
import { RunTextView } from "../parts/RunTextView";
import { SceneView } from "../parts/SceneView";
import { useFirstLook } from "../store/useEvaluated";
import { useGridController } from "./MeasureContext";
import { QuantityPanel } from "./QuantityPanel";
import { SetAsidePanel } from "./SetAsidePanel";
import { useMarks } from "./useMarks";

const mostShown = 12;

function FirstLook() {
  const figure = useFirstLook();
  if (!figure || figure.points.x.length === 0) {
    return (
      <MarginNote title="First look">
        <p className="text-soft">The first points appear here as soon as a row has two readings.</p>
      </MarginNote>
    );
  }
  const title = (
    <>
      First look: <RunTextView runs={figure.y.symbol} /> against{" "}
      <RunTextView runs={figure.x.symbol} />
    </>
  );
  return (
    <MarginNote title={title}>
      <div className="max-w-[340px]">
        <SceneView figure={figure} />
      </div>
    </MarginNote>
  );
}

function Marks() {
  const marks = useMarks();
  const controller = useGridController();
  if (marks.length === 0) return null;
  return (
    <MarginNote title="Pencil marks">
      <ul>
        {marks.slice(0, mostShown).map(({ key, place, quantity, sentence, row, column }) => (
          <PencilMark key={key}>
            <button
              type="button"
              className="text-petrol font-semibold underline"
              onClick={() =>
                controller.goTo({ row: row ?? controller.grid.getState().active.row, column })
              }
            >
              {place}
              <RunTextView runs={quantity} />
            </button>
            : {sentence}
          </PencilMark>
        ))}
      </ul>
      {marks.length > mostShown && (
        <p className="text-soft">and {marks.length - mostShown} more of the same kind</p>
      )}
    </MarginNote>
  );
}

/** The margin of Measure: a first look, what is amiss, and the quantity in hand. */
export function MeasureMargin() {
  return (
    <>
      <FirstLook />
      <Marks />
      <QuantityPanel />
      <SetAsidePanel />
    </>
  );
}
