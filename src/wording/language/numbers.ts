import { writeWithoutPower } from "@/core/number/writtenNumber";
import { openMark, spoken } from "./spoken";

/** Languages that part decimals by a comma. */
const byComma: ReadonlySet<string> = new Set(["de"]);

/** The decimal mark that a language takes where nothing else is said. */
export const decimalMarkOf = (language: string): "point" | "comma" =>
  byComma.has(language) ? "comma" : "point";

/** A number that was written with a point, as a sentence has it: by the investigation that is open, else by the language. */
export const inSentence = (written: string): string =>
  (openMark() ?? decimalMarkOf(spoken())) === "comma"
    ? written.replace(/(\d)\.(\d)/g, "$1,$2")
    : written;

/** A number in a sentence, to so many figures at most and without zeros that say nothing. */
export const about = (value: number, figures: number): string =>
  inSentence(writeWithoutPower(Number(value.toPrecision(figures))));
