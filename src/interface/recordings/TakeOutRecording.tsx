"use client";

import { useState } from "react";
import type { DecimalMark } from "@/core/number/readNumber";
import { recordingCsvHead, recordingCsvLines } from "@/output/recordingCsv";
import { fileName } from "@/output/saveFile";
import { recordingLimits } from "@/protocol/recordings";
import { callingOf } from "@/wording/readOffs";
import { recordingWords } from "@/wording/recordings";
import { Button } from "../parts/Button";
import { useHouseRules } from "../store/useEvaluated";
import { useDesk, useRecordingInHand } from "./RecordingsProvider";
import type { RecordingsDesk } from "./RecordingsDesk";
import { handOver } from "../parts/handOver";
import { HowFar } from "../parts/HowFar";

const words = recordingWords.takeOut;

/** All readings of a recording as CSV, block by block; undefined where they can't be had now. */
async function recordingCsv(desk: RecordingsDesk, id: string, mark: DecimalMark, onPart: (part: number) => void): Promise<Blob | undefined> {
  const recording = desk.recordings[id];
  if (!recording) return undefined;
  const { how, readings } = recording;
  const pieces: Blob[] = [new Blob([recordingCsvHead({ how, mark })])];
  for (let from = 0; from < readings; from += recordingLimits.atOnce) {
    const numbers = await desk.door.readings(id, how.tells, from, from + recordingLimits.atOnce);
    if (!numbers) return undefined;
    pieces.push(new Blob([recordingCsvLines({ how, mark }, from, numbers)]));
    onPart(Math.min(1, (from + recordingLimits.atOnce) / readings));
  }
  return new Blob(pieces, { type: "text/csv" });
} // prettier-ignore

/** Hands all readings of the recording in hand to the browser's downloads. */
export function TakeOutRecording() {
  const desk = useDesk();
  const recording = useRecordingInHand();
  const { decimalMark } = useHouseRules();
  const [part, setPart] = useState<number>();
  const [problem, setProblem] = useState(false);
  if (!recording || recording.readings === 0) return null;
  const { id } = recording;
  const takeOut = async () => {
    setPart(0);
    const blob = await recordingCsv(desk, id, decimalMark, setPart);
    setPart(undefined);
    setProblem(blob === undefined);
    if (blob) handOver(fileName(callingOf(desk.recordings, id), "csv"), blob);
  };
  return (
    <>
      {part !== undefined && <HowFar part={part} label={words.working} className="w-24" />}
      {problem && (
        <span role="alert" className="text-magenta">
          {words.away}
        </span>
      )}
      <Button disabled={part !== undefined} onClick={() => void takeOut()}>
        {words.button}
      </Button>
    </>
  );
}
