"use client";

import { plotTexts } from "@/wording/plotTexts";

import { chooseAxis } from "@/investigation/acts/chooseAxis";
import { plotAlso } from "@/investigation/acts/plotAlso";
import type { Figure } from "@/investigation/model/figure";
import { isRemarks, standsAlone } from "@/pipeline/readings/evaluated";
import type { FigureFit } from "@/pipeline/lines/fit";
import { Choice } from "../parts/Choice";
import { Fixed } from "../parts/Fixed";
import { QuantityLabel } from "../parts/QuantityLabel";
import { Tick } from "../parts/Tick";
import { useFigure, useQuantities, useTables } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";
import { useActs } from "../store/useInvestigation";
import { saidMemo } from "../language/saidMemo";

const nothing = "";

interface FurtherProps {
  id: string;
  also: Figure["also"];
  fit: FigureFit;
}

/** Further quantities in the same unit, which may share the paper. */
function Further({ id: figure, also, fit }: FurtherProps) {
  const { act } = useActs();
  const { unit } = fit.y.quantity;
  const others = fit.table.quantities.filter(
    (one) =>
      one.id !== fit.y.id && one.id !== fit.x.id && one.quantity.unit === unit && standsAlone(one),
  );
  if (others.length === 0) return null;
  return (
    <fieldset>
      <legend className="text-soft mb-1 text-xs">{plotTexts.onTheSamePaper}</legend>
      {others.map(({ id, quantity }) => (
        <Tick
          key={id}
          label={<QuantityLabel quantity={quantity} />}
          checked={id in also}
          onChange={(on) => act(plotAlso, { figure, quantity: id, on })}
        />
      ))}
    </fieldset>
  );
}

interface ChoicesProps extends Pick<Figure, "x" | "y" | "also"> {
  id: string;
  fit: FigureFit | undefined;
}

const Choices = saidMemo(function Choices({ id, x, y, also, fit }: ChoicesProps) {
  const quantities = useQuantities();
  const tables = useTables();
  const { act } = useActs();
  const units = new Map(
    tables.flatMap((table) => table.quantities.map((one) => [one.id, one.quantity] as const)),
  );
  const options = [
    ...quantities
      .filter((one) => !isRemarks(one))
      .map(({ id, quantity }) => ({
        value: id,
        label: <QuantityLabel quantity={units.get(id) ?? quantity} />,
      })),
    { value: nothing, label: <span className="text-soft">{plotTexts.nothing}</span> },
  ];
  const choose = (axis: "x" | "y") => (quantity: string) =>
    act(chooseAxis, { figure: id, axis, quantity: quantity === nothing ? null : quantity });
  return (
    <div className="flex flex-col gap-2">
      <Fixed kind="axes" of={id}>
        <Choice
          label={plotTexts.upTheVerticalAxis}
          value={y ?? nothing}
          options={options}
          onChange={choose("y")}
        />
        <Choice
          label={plotTexts.alongTheHorizontalAxis}
          value={x ?? nothing}
          options={options}
          onChange={choose("x")}
        />
      </Fixed>
      {fit && <Further id={id} also={also} fit={fit} />}
    </div>
  );
});

/** Which quantity goes along which axis. */
export function AxisChoices() {
  const chosen = useFigure();
  const fit = useFigureFit();
  if (!chosen) return null;
  const { x, y, also } = chosen.figure;
  return <Choices id={chosen.id} x={x} y={y} also={also} fit={fit} />;
}
