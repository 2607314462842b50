import type { Check } from "./check";

/** No reading is sure to ± 0. */
export const zeroUncertainty: Check = ({ id, instrument }) => {
  const zero =
    (instrument?.kind === "fixed" && instrument.amount === 0) ||
    (instrument?.kind === "percent" && instrument.percent === 0) ||
    (instrument?.kind === "half-division" && instrument.division === 0) ||
    (instrument?.kind === "two-edges" && instrument.edge === 0);
  return zero ? [{ finding: { name: "zero-uncertainty" }, quantity: id }] : [];
};
