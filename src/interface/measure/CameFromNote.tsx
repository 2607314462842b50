"use client";

import { isLive } from "@/investigation/recordings/rewriteReadOffs";
import { readingOffWords } from "@/wording/recordings";
import { Button } from "../parts/Button";
import { MarginNote } from "../parts/StageLayout";
import { callingOf, nameOfReadOff } from "@/wording/readOffs";
import { useDeskPlace } from "../recordings/RecordingsProvider";
import { momentText } from "@/wording/recordedNumbers";
import { useHouseRules } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { useGrid, useGridPart } from "./MeasureContext";

const words = readingOffWords.cameFrom;

/** What the reading in hand was read off, and the way there. */
export function CameFromNote() {
  const place = useDeskPlace();
  const rules = useHouseRules();
  const active = useGrid((state) => state.active);
  const row = useGridPart(({ rows }) => rows[active.row]?.id);
  const cell = useGridPart(({ columns }) => columns[active.column]?.cell);
  const found = useInvestigation(({ document }) =>
    Object.values(document.readOffs).find(
      (one) => one.goesTo?.row === row && one.goesTo?.cell === cell && isLive(document, one),
    ),
  );
  const recordings = useInvestigation(({ document }) => document.recordings);
  const recording = found && recordings[found.recording];
  if (!recording) return null;
  const span = found.to - found.from;
  const show = async () => {
    const desk = await place.fetch();
    desk.show(found.recording);
    desk.takeInHand(found);
  };
  return (
    <MarginNote title={words.title}>
      <p>
        {words.text({
          recording: callingOf(recordings, found.recording),
          what: nameOfReadOff(found, recording.how, rules),
          from: momentText(found.from, span, rules),
          to: momentText(found.to, span, rules),
        })}
      </p>
      <Button className="mt-2" onClick={() => void show().catch(() => undefined)}>
        {words.show}
      </Button>
    </MarginNote>
  );
}
