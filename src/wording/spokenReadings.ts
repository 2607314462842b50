import type { WrittenNumber } from "@/core/number/writtenNumber";
import type { WrittenReading } from "@/pipeline/readings/writtenReading";
import { spokenUnit } from "./spokenUnits";

const withPower = (text: string, exponent: number | undefined) =>
  exponent === undefined ? text : `${text} times 10 to the ${exponent}`;

/** "0.25 millimetres", as it is heard. */
export const spokenNumber = ({ mantissa, exponent }: WrittenNumber, unit: string): string =>
  `${withPower(mantissa, exponent)} ${spokenUnit(unit)}`.trim();

/** "3.20 ± 0.05 newtons", as it is heard. */
export const spokenReading = ({ value, up }: WrittenReading, unit: string): string =>
  `${value}${up ? ` ± ${up}` : ""} ${spokenUnit(unit)}`.trim();
