"use client";

import { useEffect } from "react";
import { useStore } from "zustand";
import { removeRecording } from "@/investigation/acts/removeRecording";
import { setRecording } from "@/investigation/acts/setRecording";
import { inOrder } from "@/investigation/model/order";
import { instrumentWords } from "@/wording/instruments";
import { recordingWords as words } from "@/wording/recordings";
import { writeSymbol } from "@/core/unit/symbolText";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import { ForWriters } from "../store/ForWriters";
import { useHouseRules } from "../store/useEvaluated";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { BringInRecording } from "./BringInRecording";
import { callingOf } from "@/wording/readOffs";
import { RecordButton } from "./InstrumentPanel";
import type { LiveRecording } from "./liveRecording";
import { NearTrace } from "./NearTrace";
import { Overview } from "./Overview";
import { ReadOffTable } from "./ReadOffTable";
import { useDesk, useDeskState, useRecordingInHand } from "./RecordingsProvider";
import { TakeOutRecording } from "./TakeOutRecording";
import { rateText } from "@/wording/recordedNumbers";
import { useLastSaid } from "../language/useLastSaid";

function Tabs() {
  const desk = useDesk();
  const recordings = useInvestigation(({ document }) => document.recordings);
  const inHand = useDeskState((state) => state.inHand);
  const all = inOrder(recordings);
  if (all.length < 2) return null;
  return (
    <div role="group" aria-label={words.list} className="mb-2 flex flex-wrap items-center gap-1">
      {all.map(([id]) => (
        <button
          key={id}
          type="button"
          aria-pressed={id === inHand}
          className="text-soft hover:text-ink aria-pressed:border-brass aria-pressed:text-ink max-w-64 truncate border-b-2 border-transparent px-2 py-1 font-semibold"
          onClick={() => desk.take(id)}
        >
          {callingOf(recordings, id)}
        </button>
      ))}
    </div>
  );
}

/** The name of the recording in hand, to be typed over. */
function Heading() {
  const recordings = useInvestigation(({ document }) => document.recordings);
  const readOnly = useInvestigation((state) => state.readOnly);
  const recording = useRecordingInHand();
  const { act } = useActs();
  if (!recording) return <h1 className="font-serif text-[18px] font-semibold">{words.title}</h1>;
  const { id, name } = recording;
  const called = callingOf(recordings, id);
  return (
    <>
      <h1 className={`font-serif text-[18px] font-semibold ${readOnly ? "" : "sr-only"}`}>
        {called}
      </h1>
      {!readOnly && (
        <input
          aria-label={words.nameField}
          value={name}
          placeholder={called}
          maxLength={200}
          onChange={(event) =>
            act(setRecording, { id, choices: { name: event.target.value } }, `name/${id}`)
          }
          className="placeholder:text-ink hover:border-hairline focus:border-hairline -ml-1 w-full rounded-md border border-transparent px-1 font-serif text-[18px] font-semibold"
        />
      )}
    </>
  );
}

function Channels() {
  const desk = useDesk();
  const recording = useRecordingInHand();
  const channel = useDeskState((state) => state.channel);
  if (!recording || recording.how.channels.length < 2) return null;
  return (
    <div role="group" aria-label={words.channel} className="mt-2 flex gap-1">
      {recording.how.channels.map(({ name, symbol }, at) => (
        <button
          key={at}
          type="button"
          aria-pressed={at === channel}
          className="aria-pressed:border-brass text-soft aria-pressed:text-ink border-b-2 border-transparent px-2 py-0.5 font-semibold"
          onClick={() => desk.state.setState({ channel: at })}
        >
          {name}, <RunTextView runs={writeSymbol(symbol)} />
        </button>
      ))}
    </div>
  );
}

/** What is said while there is nothing to draw, and of a recording without an end. */
function Waiting() {
  const desk = useDesk();
  const recording = useRecordingInHand();
  const source = useDeskState(({ sources, inHand }) => sources[inHand ?? ""]);
  const running = useDeskState((state) => state.running?.id);
  const readOnly = useInvestigation((state) => state.readOnly);
  if (!recording || running === recording.id) return null;
  const { id } = recording;
  if (source === "away") {
    return (
      <p className="mt-6 flex items-center gap-3">
        {words.away}
        <Button onClick={() => void desk.lookAgain(id)}>{words.again}</Button>
      </p>
    );
  }
  if (source === "gone") return <p className="text-soft mt-6">{words.gone}</p>;
  if (source === "opening" || !source) return <p className="text-soft mt-6">{words.opening}</p>;
  if (recording.readings > 0) return null;
  return (
    <p className="my-2 flex flex-wrap items-center gap-2">
      <span className="mr-auto">{instrumentWords.unfinished}</span>
      <Button onClick={() => void desk.lookAgain(id)}>{instrumentWords.look}</Button>
      {!readOnly && <Button onClick={() => void desk.close(id)}>{instrumentWords.close}</Button>}
    </p>
  );
}

/** Where the readings of a recording that has ended are, until the server has them all. */
function Settling({ recording }: { recording: LiveRecording }) {
  const kept = useStore(recording.state, (state) => state.kept);
  if (kept === "sending") return null;
  return (
    <p role="status" className={kept === "kept" ? "text-soft" : "text-magenta"}>
      {instrumentWords.kept[kept]}
    </p>
  );
}

/** How the recording in hand came about, and the way to let go of it. */
function HowRecorded() {
  const desk = useDesk();
  const rules = useHouseRules();
  const recording = useRecordingInHand();
  const running = useDeskState((state) => state.running?.id);
  const { act } = useActs();
  if (!recording || running === recording.id) return null;
  const { id, how, readings } = recording;
  const remove = () => {
    const name = callingOf(desk.recordings, id);
    act(removeRecording, { id });
    desk.store.setState({ notice: words.removed({ name }) });
    const next = inOrder(desk.recordings).at(-1)?.[0];
    desk.state.setState({ inHand: undefined, stretch: undefined, found: undefined, over: [] });
    if (next) desk.take(next);
  };
  return (
    <div className="mt-4 flex flex-wrap items-center gap-3">
      <p className="text-soft mr-auto">
        {readings > 0 && words.how.sentence(how, readings, rateText(how, rules))}
      </p>
      <TakeOutRecording />
      <ForWriters>
        <Button onClick={remove}>{words.remove}</Button>
      </ForWriters>
    </div>
  );
}

interface Props {
  /** Shows a reading in its table. */
  onReading: (table: string, row: string, quantity: string) => void;
}

/** Where there are recordings one is in hand: also when the only one comes back by an undo, or from another window. */
function useOneInHand(): void {
  const desk = useDesk();
  const there = useRecordingInHand() !== undefined;
  const last = useInvestigation(({ document }) => inOrder(document.recordings).at(-1)?.[0]);
  useEffect(() => {
    if (!there && last) desk.take(last);
  }, [desk, there, last]);
}

/** The page of recordings: the whole trace above, the stretch in hand below, and what was read off. */
export function RecordingsPage({ onReading }: Props) {
  const recordings = useInvestigation(({ document }) => document.recordings);
  const readOnly = useInvestigation((state) => state.readOnly);
  const recording = useRecordingInHand();
  useOneInHand();
  const none = Object.keys(recordings).length === 0;
  const settling = useDeskState((state) => state.settling.find(({ id }) => id === state.inHand));
  const [said, say] = useLastSaid();
  return (
    <>
      <div className="flex flex-wrap items-start gap-2">
        <div className="min-w-64 flex-1">
          <Heading />
          {!none && <p className="text-soft mb-2 max-sm:hidden">{words.hint}</p>}
        </div>
        <ForWriters>
          <BringInRecording onSaid={say} />
          <div className="min-[900px]:hidden">
            <RecordButton />
          </div>
        </ForWriters>
      </div>
      <p role="status" aria-live="polite" className={said ? "mb-2" : "sr-only"}>
        {said}
      </p>
      {none ? (
        <p className="text-soft py-20 text-center text-base">
          {readOnly ? words.firstForReaders : words.first}
        </p>
      ) : (
        <>
          <Tabs />
          <Waiting />
          {recording && <Overview name={callingOf(recordings, recording.id)} />}
          <Channels />
          <NearTrace />
          <ReadOffTable onReading={onReading} />
          <HowRecorded />
          {settling && <Settling recording={settling.recording} />}
        </>
      )}
    </>
  );
}
