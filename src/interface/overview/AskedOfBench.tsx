"use client";

import type { Asked } from "@/overview/glance";
import { findingSentence } from "@/wording/findings";
import { markPlace } from "@/wording/markPlaces";
import { RunTextView } from "../parts/RunTextView";

/** What one open pencil mark of a bench says. */
export function AskedOfBench({ asked: { place, finding } }: { asked: Asked }) {
  return (
    <span>
      <RunTextView runs={markPlace(place)} />: {findingSentence(finding)}
    </span>
  );
}
