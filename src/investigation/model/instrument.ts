import type { Uncertainty } from "./uncertainty";

/** What a quantity is read with: choosing it gives the quantity its unit, its decimals and its ±. */
export interface Instrument {
  name: string;
  unit: string;
  /** The smallest step that it shows, in its unit, as text: "0.001". */
  resolution: string;
  uncertainty: Uncertainty;
}
