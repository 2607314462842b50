"use client";

import { filingTexts } from "@/wording/filingTexts";
import type { Reading } from "@/intake/incoming";
import { repeatWords, seriesWords } from "@/wording/pasting";
import { Choice } from "../parts/Choice";

/** Values with their names, as a choice shows them. */
export function named<Value extends string>(
  values: readonly Value[],
  names: Readonly<Record<Value, string>>,
) {
  return values.map((value) => ({ value, label: names[value] }));
}

const lineNames = {
  "0": "none",
  "1": "one",
  get "2"() {
    return filingTexts.twoTheSecondWithUnits;
  },
} as const;
const markNames = { point: "point: 0.5", comma: "comma: 0,5" } as const;

export interface ReadingProps {
  reading: Reading;
  /** Whether there are columns that look like repeats, and one of words that come again. */
  repeated: boolean;
  worded: boolean;
  onReading: (reading: Reading) => void;
}

/** How lines of headings, the decimal mark and columns are understood. */
export function ReadingChoices({ reading, repeated, worded, onReading }: ReadingProps) {
  return (
    <>
      <Choice
        value={String(reading.headingLines) as keyof typeof lineNames}
        label={filingTexts.linesOfHeadings}
        options={named(["0", "1", "2"], lineNames)}
        onChange={(lines) =>
          onReading({ ...reading, headingLines: Number(lines) as Reading["headingLines"] })
        }
      />
      <Choice
        value={reading.decimalMark}
        label={filingTexts.decimalMark}
        options={named(["point", "comma"] as const, markNames)}
        onChange={(decimalMark) => onReading({ ...reading, decimalMark })}
      />
      {repeated && (
        <Choice
          label={repeatWords.choice}
          value={reading.numbered}
          options={named(["repeats", "apart"] as const, repeatWords.choices)}
          onChange={(numbered) => onReading({ ...reading, numbered })}
        />
      )}
      {worded && (
        <Choice
          label={seriesWords.choice}
          value={reading.words}
          options={named(["series", "column"] as const, seriesWords.choices)}
          onChange={(words) => onReading({ ...reading, words })}
        />
      )}
    </>
  );
}
