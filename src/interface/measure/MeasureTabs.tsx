"use client";

import { useState, useSyncExternalStore } from "react";
import { laterWords } from "@/wording/later";
import { measureTexts } from "@/wording/measureTexts";
import { useInvestigation } from "../store/useInvestigation";
import { useDeskPlace, useDeskStateHere } from "../recordings/RecordingsProvider";

const look =
  "text-soft hover:text-ink aria-pressed:border-brass aria-pressed:text-ink border-b-2 border-transparent px-2 py-0.5 font-semibold";

const never = () => false;

/** What is measured by hand, and what by instrument. */
export function MeasureTabs() {
  const { tabs } = measureTexts;
  const place = useDeskPlace();
  const shown = useDeskStateHere((state) => state.shown, false);
  const running = useDeskStateHere((state) => state.running !== undefined, false);
  const failed = useSyncExternalStore(place.subscribe, place.failed, never);
  const count = useInvestigation(({ document }) => Object.keys(document.recordings).length);
  const [asked, setAsked] = useState(false);
  const show = () => {
    setAsked(true);
    return place.fetch().then(
      (desk) => desk.show(),
      () => undefined,
    );
  };
  return (
    <div role="group" aria-label={tabs.label} className="-mt-2 mb-2 flex gap-2">
      <button
        type="button"
        aria-pressed={!shown}
        className={look}
        onClick={() => place.here()?.hide()}
      >
        {tabs.readings}
      </button>
      <button type="button" aria-pressed={shown} className={look} onClick={() => void show()}>
        {tabs.recordings}
        {count > 0 && ` (${count})`}
        {running && (
          <span aria-hidden className="bg-magenta ml-1.5 inline-block h-2 w-2 rounded-full" />
        )}
      </button>
      {asked && failed && (
        <p role="alert" className="text-magenta self-center">
          {laterWords.away}
        </p>
      )}
    </div>
  );
}
