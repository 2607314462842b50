"use client";

import type { WrittenReading } from "@/pipeline/readings/writtenReading";
import { useDecimalMark } from "./StatementView";

/** "3.11 ± 0.05": the value in ink, its ± in magenta, up and down apart where they differ. */
export function WrittenReadingView({ written }: { written: WrittenReading }) {
  const marked = useDecimalMark();
  const { value, up, down, exponent } = written;
  const bars =
    up === undefined || down === undefined
      ? ""
      : up === down
        ? `± ${marked(up)}`
        : `+${marked(up)} −${marked(down)}`;
  return (
    <span className="whitespace-nowrap">
      {exponent !== undefined && "("}
      {marked(value)}
      {bars && <span className="text-magenta"> {bars}</span>}
      {exponent !== undefined && (
        <>
          ) × 10<sup>{String(exponent).replace("-", "−")}</sup>
        </>
      )}
    </span>
  );
}
