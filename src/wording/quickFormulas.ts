import type { QuickFormula } from "@/intake/quickFormulas";
import { quickFormulas } from "./en/quickFormulas";
import { worded } from "./language/worded";

const texts = worded("quickFormulas", quickFormulas);

/** A usual formula as a menu offers it: what it is over, and what it gives. */
export const quickLabel = ({ id }: QuickFormula, x: string, y: string): string =>
  texts[id]({ x, y });
