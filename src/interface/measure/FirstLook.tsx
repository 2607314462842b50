"use client";

import { Said } from "../parts/Said";
import { measureTexts } from "@/wording/measureTexts";
import { useDeferredValue, useMemo, useState } from "react";
import { pointCount } from "@/figure/specification";
import { firstLookSpecification } from "@/pipeline/figure/figure";
import { Choice } from "../parts/Choice";
import { QuantityLabel } from "../parts/QuantityLabel";
import { RunTextView } from "../parts/RunTextView";
import { SceneView } from "../parts/SceneView";
import { standsAlone } from "@/pipeline/readings/evaluated";
import { MarginNote } from "../parts/StageLayout";
import { useFigure, useHouseRules } from "../store/useEvaluated";
import { usePairFit } from "../store/useFigureFit";
import { useGridPart } from "./MeasureContext";

/** The pair in sight: the one chosen here, else the figure's, else the first two quantities of the table. */
function usePair() {
  const quantities = useGridPart(({ table }) => table.quantities);
  const figure = useFigure()?.figure;
  const [chosen, setChosen] = useState<{ x?: string; y?: string }>({});
  const ids = quantities.filter(standsAlone).map(({ id }) => id);
  const here = (id: string | null | undefined) => (id && ids.includes(id) ? id : undefined);
  const plotted = here(figure?.x) && here(figure?.y) ? figure : undefined;
  const x = here(chosen.x) ?? plotted?.x ?? ids[0] ?? null;
  const y = here(chosen.y) ?? plotted?.y ?? ids[1] ?? null;
  return {
    x,
    y,
    quantities,
    choose: (part: { x?: string; y?: string }) => setChosen({ ...chosen, ...part }),
  };
}

function usePairSpecification(x: string | null, y: string | null) {
  const fit = useDeferredValue(usePairFit(x, y));
  const rules = useHouseRules();
  return useMemo(() => fit && firstLookSpecification(fit, rules), [fit, rules]);
}

/** A small live figure of any two quantities of the table. */
export function FirstLook() {
  const { x, y, quantities, choose } = usePair();
  const figure = usePairSpecification(x, y);
  const { taking, aside } = figure ? pointCount(figure) : { taking: 0, aside: 0 };
  const own = quantities.filter(standsAlone);
  const options = own.map(({ id, quantity }) => ({
    value: id,
    label: <QuantityLabel quantity={quantity} />,
  }));
  return (
    <MarginNote
      title={
        figure ? (
          <Said
            parts={{
              up: <RunTextView runs={figure.y.symbol} />,
              across: <RunTextView runs={figure.x.symbol} />,
            }}
            say={measureTexts.firstLookAt}
          />
        ) : (
          measureTexts.firstLook2
        )
      }
    >
      {figure && taking + aside > 0 ? (
        <div className="max-w-[340px]">
          <SceneView figure={figure} />
        </div>
      ) : (
        <p className="text-soft">{measureTexts.theFirstPointsAppearHere}</p>
      )}
      {own.length > 2 && (
        <div className="mt-2 grid grid-cols-2 gap-3">
          <Choice
            label={measureTexts.up}
            value={y ?? ""}
            options={options}
            onChange={(id) => choose({ y: id })}
          />
          <Choice
            label={measureTexts.across}
            value={x ?? ""}
            options={options}
            onChange={(id) => choose({ x: id })}
          />
        </div>
      )}
    </MarginNote>
  );
}
