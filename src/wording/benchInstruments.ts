import type { RecordingDescription } from "@/investigation/model/recording";
import { benchInstruments } from "./en/benchInstruments";
import { worded } from "./language/worded";

const texts: Readonly<Record<string, string>> = worded("benchInstruments", benchInstruments);

/** What an instrument, a channel or a setting is called here, by what it calls itself; a name that no catalogue has stays. */
export const instrumentCalled = (itself: string): string =>
  Object.hasOwn(texts, itself) ? (texts[itself] ?? itself) : itself;

/** How something was recorded, with the instrument and its channels called as they are here. */
export const recordedBy = (how: RecordingDescription): RecordingDescription => ({
  ...how,
  instrument: instrumentCalled(how.instrument),
  channels: how.channels.map((channel) => ({ ...channel, name: instrumentCalled(channel.name) })),
});
