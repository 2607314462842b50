"use client";

import { useState } from "react";
import { inOrder } from "@/investigation/model/order";
import type { ReadOffChoice, Recording } from "@/investigation/model/recording";
import { trimmingWords } from "@/wording/recordings";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { options } from "../parts/options";
import { MarginNote } from "../parts/StageLayout";
import { Tick } from "../parts/Tick";
import { useHouseRules } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { MomentField } from "./MomentField";
import { callingOf } from "@/wording/readOffs";
import { useDesk, useDeskState, useRecordingInHand } from "./RecordingsProvider";
import { chooseOf, comeOf, greatestAt, wholeOf } from "./readingOff";
import type { RecordingsDesk } from "./RecordingsDesk";
import { colourOver, likeChannel } from "./useTraces";
import { amountText } from "@/wording/recordedNumbers";

const words = trimmingWords.over;
type At = keyof typeof words.at;

/** The moment of a recording that is to lie on that of others; undefined where it has none. */
async function momentOf(desk: RecordingsDesk, id: string, at: At, channel: number): Promise<number | null | undefined> {
  const recording = desk.recordings[id];
  if (!recording || at === "recorded") return null;
  if (at === "trim") return recording.trim.from;
  await desk.open(id);
  const choice: ReadOffChoice = { recording: id, channel, ...wholeOf(desk, id), what: "crossing", of: "rising", moment: null, level: null, depth: null, every: 1, nth: 1 };
  if (at === "rising") return (await comeOf(desk, recording, choice))?.value ?? undefined;
  return (await greatestAt(desk, recording, choice)) ?? undefined;
} // prettier-ignore

interface Other {
  readonly id: string;
  readonly recording: Recording;
  readonly name: string;
}

/** Brings the recording in hand and those over it together at a common event. */
function Together({ laid, channel }: { laid: readonly string[]; channel: number }) {
  const desk = useDesk();
  const rules = useHouseRules();
  const recording = useRecordingInHand();
  const [at, setAt] = useState<At>("trim");
  if (!recording) return null;
  const bring = async () => {
    for (const id of [recording.id, ...laid]) {
      const held = desk.recordings[id];
      const like = held && likeChannel(held, recording, channel);
      const event = await momentOf(desk, id, at, like ?? 0);
      if (event !== undefined) await chooseOf(desk, id, { event });
      else desk.state.setState({ said: words.notFound({ name: callingOf(desk.recordings, id) }) });
    }
  };
  return (
    <div className="mt-2 grid justify-items-start gap-2">
      <div className="w-full">
        <Choice label={words.together} value={at} options={options(words.at)} onChange={setAt} />
      </div>
      <Button onClick={() => void bring()}>{words.bring}</Button>
      <div className="w-full">
        <MomentField
          label={words.event}
          value={recording.event === null ? "" : amountText(recording.event, 6, rules)}
          placeholder={words.at.recorded}
          onChange={(event) => void chooseOf(desk, recording.id, { event })}
        />
      </div>
    </div>
  );
}

/** Which other recordings lie over the one in hand, and at what they are brought together. */
export function LayOverPanel() {
  const desk = useDesk();
  const recording = useRecordingInHand();
  const recordings = useInvestigation(({ document }) => document.recordings);
  const over = useDeskState((state) => state.over);
  const channel = useDeskState((state) => state.channel);
  if (!recording || Object.keys(recordings).length < 2) return null;
  const others = inOrder(recordings)
    .filter(([id]) => id !== recording.id)
    .map(([id, one]): Other => ({ id, recording: one, name: callingOf(recordings, id) }));
  const lay = (id: string, wanted: boolean) => {
    if (wanted) void desk.open(id);
    desk.state.setState({ over: wanted ? [...over, id] : over.filter((one) => one !== id) });
  };
  return (
    <MarginNote title={words.title}>
      <div className="grid gap-1.5">
        {others.map(({ id, recording: other, name }) => {
          const like = likeChannel(other, recording, channel) !== undefined;
          const at = over.indexOf(id);
          return (
            <div key={id} className="flex items-center gap-2">
              <Tick
                label={like ? words.lay({ name }) : `${name}: ${words.unlike}`}
                checked={at >= 0}
                disabled={!like}
                onChange={(wanted) => lay(id, wanted)}
              />
              {at >= 0 && (
                <span
                  aria-hidden
                  className="inline-block h-[3px] w-6"
                  style={{ background: colourOver(at) }}
                />
              )}
            </div>
          );
        })}
      </div>
      {over.length > 0 && <Together laid={over} channel={channel} />}
    </MarginNote>
  );
}
