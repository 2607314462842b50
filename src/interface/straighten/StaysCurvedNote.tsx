"use client";

import type { Straightening } from "@/pipeline/straighten/straightening";
import { staysCurvedTitle } from "@/wording/straighten";
import { MarginNote } from "../parts/StageLayout";
import { Remedies } from "./Remedies";
import type { usePlotPair } from "./usePlotPair";

interface Props {
  whole: Straightening;
  plot: ReturnType<typeof usePlotPair>;
}

/** What else a curve that no pair makes straight may be, beside what stands under the pair in hand. */
export function StaysCurvedNote({ whole, plot }: Props) {
  const further = whole.suggestions.slice(1);
  if (further.length === 0) return null;
  return (
    <MarginNote title={staysCurvedTitle()}>
      <ul className="flex flex-col gap-3">
        {further.map((suggestion) => (
          <li key={suggestion}>
            <Remedies suggestion={suggestion} whole={whole} plot={plot} />
          </li>
        ))}
      </ul>
    </MarginNote>
  );
}
