import type { Stretch } from "@/core/recording/trace";
import { readAgain, type CameOf, type ReadAgain } from "@/investigation/acts/readAgain";
import { setRecording, type RecordingChoices } from "@/investigation/acts/setRecording";
import type { Pace, ReadOffChoice, Recording } from "@/investigation/model/recording";
import { readOffUnit } from "@/investigation/recordings/readOffUnit";
import { spanOfStretch } from "@/pipeline/recordings/stretch";
import type { Came } from "@/pipeline/recordings/workOut";
import type { StretchAsked } from "@/workers/recordings";
import { doAct } from "../store/investigationStore";
import { plainReading, suggested } from "./deskState";
import type { RecordingsDesk } from "./RecordingsDesk";
import { greatestAway, readAway, stretchAway } from "./recordingsWorker";
import { readingsFor } from "./storedSource";

/** What came of a choice, as it is kept. */
export function cameOf(came: Came | undefined, recording: Recording, choice: ReadOffChoice): CameOf {
  const unit = readOffUnit(recording.how, choice);
  if (!came) return { value: null, random: null, common: null, unit };
  return { value: came.value, random: came.random, common: came.common, unit };
} // prettier-ignore

/** The readings of a choice with all that is to be known of them; undefined while they can't be had. */
export async function askedOf(
  desk: RecordingsDesk,
  recording: Recording,
  choice: ReadOffChoice,
): Promise<StretchAsked | undefined> {
  const source = await desk.open(choice.recording);
  if (!source) return undefined;
  const { how, trim, aside } = recording;
  const span = spanOfStretch(how, source.count, choice);
  const of = { id: choice.recording, tells: how.tells, channels: how.channels.length, count: source.count };
  const wanted = { channel: choice.channel, from: span.from, to: span.to };
  const recorded = await readingsFor(source, of, desk.door, wanted);
  return recorded && { recorded, how, chosen: { trim, aside }, choice };
} // prettier-ignore

/** Works out what a choice gives; undefined while its readings can't be had. */
export async function comeOf(
  desk: RecordingsDesk,
  recording: Recording,
  choice: ReadOffChoice,
): Promise<CameOf | undefined> {
  const asked = await askedOf(desk, recording, choice);
  return asked && cameOf(await readAway(asked), recording, choice);
}

/** The moment of the greatest reading within a choice's stretch, in s. */
export async function greatestAt(
  desk: RecordingsDesk,
  recording: Recording,
  choice: ReadOffChoice,
): Promise<number | undefined> {
  const asked = await askedOf(desk, recording, choice);
  return asked && greatestAway(asked);
}

/** What is read off the stretch in hand, as it would be kept; undefined without one. */
export function choiceInHand(desk: RecordingsDesk): ReadOffChoice | undefined {
  const { inHand, channel, stretch, reading } = desk.state.getState();
  if (!inHand || !stretch || !desk.recordings[inHand]) return undefined;
  return { recording: inHand, channel, from: stretch.from, to: stretch.to, ...reading };
}

/** Works out what the stretch in hand says: one order after the other, always the newest. */
export class StretchWork {
  private running = false;
  private again = false;

  constructor(private readonly desk: RecordingsDesk) {}

  /** Something changed of what the stretch says. */
  want(): void {
    this.again = true;
    if (!this.running) void this.run();
  }

  private async run(): Promise<void> {
    this.running = true;
    const { state } = this.desk;
    while (this.again) {
      this.again = false;
      const choice = choiceInHand(this.desk);
      const recording = choice && this.desk.recordings[choice.recording];
      state.setState({ working: recording !== undefined });
      const asked = recording && (await askedOf(this.desk, recording, choice));
      const found = asked && (await stretchAway(asked));
      if (this.again) continue;
      const { chosen, reading } = state.getState();
      const what = found && recording && !chosen ? suggested(recording.how, found) : reading.what;
      if (what === reading.what) state.setState({ found, foundOf: reading });
      else state.setState({ reading: { ...plainReading, what } });
    }
    this.running = false;
    state.setState({ working: false });
  }
}

/** What was read off a recording, worked out with other choices of it. */
async function allAgain(desk: RecordingsDesk, id: string): Promise<ReadAgain[]> {
  const { readOffs } = desk.store.getState().document;
  const again: ReadAgain[] = [];
  for (const [key, entry] of Object.entries(readOffs)) {
    const recording = desk.recordings[id];
    if (entry.recording !== id || !recording) continue;
    const came = await comeOf(desk, recording, entry);
    if (came) again.push({ id: key, cameOf: came });
  }
  return again;
}

let changes = 0;

/** What was read off a recording follows it as soon as it is worked out, in the same step of undo. */
async function followed(desk: RecordingsDesk, id: string, key: string): Promise<void> {
  const again = await allAgain(desk, id);
  if (again.length > 0) doAct(desk.store, setRecording, { id, choices: {}, again }, key);
}

/** Changes a recording's choices at once. */
export async function chooseOf(
  desk: RecordingsDesk,
  id: string,
  choices: RecordingChoices,
): Promise<void> {
  const key = `recording/${id}/${(changes += 1)}`;
  if (!doAct(desk.store, setRecording, { id, choices }, key)) return;
  if (choices.trim || choices.aside) await followed(desk, id, key);
}

/** Says better at what pace a recording came: what was marked stays where it lies among the readings. */
export async function setPaceOf(desk: RecordingsDesk, id: string, pace: Pace): Promise<void> {
  const before = desk.recordings[id]?.how.step;
  if (!before || !doAct(desk.store, setRecording, { id, choices: {}, pace }, id)) return;
  const by = pace.step / before;
  const stretched = (one: Stretch | undefined) => one && { from: one.from * by, to: one.to * by };
  desk.state.setState(({ inHand, stretch, view }) =>
    inHand === id ? { stretch: stretched(stretch), view: stretched(view) } : {},
  );
  await followed(desk, id, id);
}

/** Reads something off once more with other choices. */
export async function chooseAgain(
  desk: RecordingsDesk,
  id: string,
  choices: Partial<ReadOffChoice>,
): Promise<void> {
  const entry = desk.store.getState().document.readOffs[id];
  const recording = entry && desk.recordings[entry.recording];
  if (!recording) return;
  const came = await comeOf(desk, recording, { ...entry, ...choices });
  if (came) doAct(desk.store, readAgain, { id, choices, cameOf: came });
}

/** The whole of a recording as a stretch. */
export const wholeOf = (desk: RecordingsDesk, id: string): Stretch => ({
  from: 0,
  to: desk.lasting(id),
});
