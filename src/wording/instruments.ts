import type { WhyEnded } from "@/protocol/instruments";
import { plural } from "./plural";

/** What is said about bench instruments. */
export const instrumentWords = {
  title: "Bench instrument",
  none: "This server reads no bench instruments. Its settings can name some, and files of loggers can be brought in.",
  away: "The bench instruments can't be asked just now.",
  choose: "Instrument",
  chooseOne: "choose an instrument",
  inUse: "in use at another bench",
  simulated: "simulated",
  rate: "Readings a second",
  record: "Record",
  again: "Record again",
  stop: "Stop",
  zero: "Zero it",
  zeroed: "It shows 0 from here on.",
  release: "Let go",
  set: (name: string, unit: string) => (unit === "" ? name : `${name} / ${unit}`),
  between: (least: string, greatest: string) => `from ${least} to ${greatest}`,
  perSecond: (rate: string) => `${rate} readings a second`,
  every: (step: string) => `one count every ${step} s`,
  oneEvery: (step: string) => `one reading every ${step} s`,
  events: "moments of events",
  steps: (step: string) => `steps of ${step}`,
  phase: {
    waiting: "Waiting for the instrument…",
    recording: (time: string) => `Recording, ${time} s`,
    broken: "The line is broken. What came in is kept; it is tried again.",
    ended: "Ended",
  },
  rubbish: (count: number) =>
    `${plural(count, "answer")} of the instrument could not be read and ${count === 1 ? "is" : "are"} left out.`,
  kept: {
    sending: "Kept on this device and by the server",
    kept: "All of it is with the server",
    away: "Kept on this device; the server does not answer. It is tried again.",
    gone: "The server takes no more of this recording. What came in is on this device.",
  },
  why: {
    stopped: "",
    "line-lost": "The line to the instrument did not come back. What came in until then is kept.",
    "begun-anew":
      "The instrument was started anew by somebody else. What came in until then is kept.",
    rubbish: "The instrument sends what can't be read. What came in until then is kept.",
    "in-use":
      "Another bench has this instrument in hand. Once it is free it is taken here; or take another.",
    "not-there": "The instrument does not answer. See that it is switched on and connected.",
  } satisfies Record<WhyEnded, string>,
  refused: (said: string) => `The instrument refuses that: ${said}.`,
  unfinished: "It is being recorded at another screen, or was broken off.",
  look: "Look again",
  close: "End it here",
} as const;

/** What is said about microcontrollers that print numbers. */
export const serialWords = {
  title: "A microcontroller",
  text: "One that prints a line of numbers for each reading, by USB or a serial line.",
  speed: "Baud rate",
  record: "Record its lines",
  instrument: "serial line",
  channel: "number",
  none: "No serial port was chosen, or it is in use elsewhere.",
} as const;

/** What is said where an instrument’s present value becomes a reading. */
export const presentWords = {
  title: "Take a value",
  text: "The present value of the instrument goes into the cell in hand, with its ±.",
  choose: "Instrument",
  none: "by hand",
  take: "Take its value",
  key: "Alt+Enter",
  unlike: (instrument: string, symbol: string) =>
    `The ${instrument} tells nothing in the unit of ${symbol}.`,
  lost: "It told no value just now. Try again.",
  closed: "This column is worked out: take a value in one that is read.",
} as const;
