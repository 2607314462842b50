"use client";

import { chooseAxis } from "@/investigation/acts/chooseAxis";
import { Choice } from "../parts/Choice";
import { QuantityLabel } from "../parts/QuantityLabel";
import { useFigure, useQuantities } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

const nothing = "";

/** Which quantity goes along which axis. */
export function AxisChoices() {
  const quantities = useQuantities();
  const chosen = useFigure();
  const { act } = useActs();
  if (!chosen) return null;
  const options = [
    ...quantities.map(({ id, quantity }) => ({
      value: id,
      label: <QuantityLabel quantity={quantity} />,
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
    </div>
  );
}
