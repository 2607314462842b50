"use client";

import { FirstLook } from "./FirstLook";
import { Marks } from "./Marks";
import { QuantityPanel } from "./QuantityPanel";
import { SetAsidePanel } from "./SetAsidePanel";

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
