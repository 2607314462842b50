import { instruments } from "./en/instruments";
import { withFurther, worded } from "./language/worded";

const texts = worded("instruments", instruments);

/** What is said about bench instruments. */
export const instrumentWords = withFurther(texts.instrumentWords, {
  set: (name: string, unit: string) => (unit === "" ? name : `${name} / ${unit}`),
});

/** What is said about microcontrollers that print numbers. */
export const serialWords = texts.serialWords;

/** What is said where an instrument’s present value becomes a reading. */
export const presentWords = texts.presentWords;
