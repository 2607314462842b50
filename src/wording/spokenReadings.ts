import { spokenReadings as english } from "./en/spokenReadings";
import { worded } from "./language/worded";
import type { WrittenNumber } from "@/core/number/writtenNumber";
import type { WrittenReading } from "@/pipeline/readings/writtenReading";
import { spokenUnit } from "./spokenUnits";

const texts = worded("spokenReadings", english);

const withPower = (text: string, exponent: number | undefined) =>
  exponent === undefined ? text : texts.withPower({ number: text, exponent });

/** "0.25 millimetres", as it is heard. */
export const spokenNumber = ({ mantissa, exponent }: WrittenNumber, unit: string): string =>
  `${withPower(mantissa, exponent)} ${spokenUnit(unit)}`.trim();

/** "3.20 ± 0.05 newtons", as it is heard. */
export const spokenReading = ({ value, up }: WrittenReading, unit: string): string =>
  `${value}${up ? ` ± ${up}` : ""} ${spokenUnit(unit)}`.trim();
