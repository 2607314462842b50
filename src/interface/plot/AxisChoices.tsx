"use client";

import { chooseAxis } from "@/investigation/acts/chooseAxis";
import { plotAlso } from "@/investigation/acts/plotAlso";
import { Choice } from "../parts/Choice";
import { QuantityLabel } from "../parts/QuantityLabel";
import { Tick } from "../parts/Tick";
import { useFigure, useFigureFit, useQuantities, useTables } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

const nothing = "";

/** Further quantities in the same unit, which may share the paper. */
function Further() {
  const chosen = useFigure();
  const fit = useFigureFit();
  const { act } = useActs();
  if (!chosen || !fit) return null;
  const { unit } = fit.y.quantity;
  const others = fit.table.quantities.filter(
    ({ id, quantity }) => id !== fit.y.id && id !== fit.x.id && quantity.unit === unit,
  );
  if (others.length === 0) return null;
  return (
    <fieldset>
      <legend className="text-soft mb-1 text-xs">On the same paper</legend>
      {others.map(({ id, quantity }) => (
        <Tick
          key={id}
          label={<QuantityLabel quantity={quantity} />}
          checked={id in chosen.figure.also}
          onChange={(on) => act(plotAlso, { figure: chosen.id, quantity: id, on })}
        />
      ))}
    </fieldset>
  );
}

/** Which quantity goes along which axis. */
export function AxisChoices() {
  const quantities = useQuantities();
  const tables = useTables();
  const chosen = useFigure();
  const { act } = useActs();
  if (!chosen) return null;
  const units = new Map(
    tables.flatMap((table) => table.quantities.map((one) => [one.id, one.quantity] as const)),
  );
  const options = [
    ...quantities.map(({ id, quantity }) => ({
      value: id,
      label: <QuantityLabel quantity={units.get(id) ?? quantity} />,
    })),
    { value: nothing, label: <span className="text-soft">nothing</span> },
  ];
  const choose = (axis: "x" | "y") => (quantity: string) =>
    act(chooseAxis, { figure: chosen.id, axis, quantity: quantity === nothing ? null : quantity });
  return (
    <div className="flex flex-col gap-2">
      <Choice
        label="Up the vertical axis"
        value={chosen.figure.y ?? nothing}
        options={options}
        onChange={choose("y")}
      />
      <Choice
        label="Along the horizontal axis"
        value={chosen.figure.x ?? nothing}
        options={options}
        onChange={choose("x")}
      />
      <Further />
    </div>
  );
}
