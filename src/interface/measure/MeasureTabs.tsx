"use client";

import { recordingWords } from "@/wording/recordings";
import { useInvestigation } from "../store/useInvestigation";
import { useDesk, useDeskState } from "../recordings/RecordingsProvider";

const { tabs } = recordingWords;
const look =
  "text-soft hover:text-ink aria-pressed:border-brass aria-pressed:text-ink border-b-2 border-transparent px-2 py-0.5 font-semibold";

/** What is measured by hand, and what by instrument. */
export function MeasureTabs() {
  const desk = useDesk();
  const shown = useDeskState((state) => state.shown);
  const running = useDeskState((state) => state.running !== undefined);
  const count = useInvestigation(({ document }) => Object.keys(document.recordings).length);
  return (
    <div role="group" aria-label={tabs.label} className="-mt-2 mb-2 flex gap-2">
      <button type="button" aria-pressed={!shown} className={look} onClick={() => desk.hide()}>
        {tabs.readings}
      </button>
      <button type="button" aria-pressed={shown} className={look} onClick={() => desk.show()}>
        {tabs.recordings}
        {count > 0 && ` (${count})`}
        {running && (
          <span aria-hidden className="bg-magenta ml-1.5 inline-block h-2 w-2 rounded-full" />
        )}
      </button>
    </div>
  );
}
