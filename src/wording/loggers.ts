const lines = (count: number) => `${count} ${count === 1 ? "line" : "lines"}`;

/** What is said where files of loggers are brought in. */
export const loggerWords = {
  open: "Bring in a file",
  title: "Bring in a recording",
  kinds: "CSV, TSV or text of a logger, up to 500 MB, or sound as WAV.",
  found: (name: string, columns: number) =>
    `${name}: ${columns} ${columns === 1 ? "column" : "columns"} of numbers.`,
  most: "Four at most become channels of one recording.",
  time: (heading: string) => `The times stand in “${heading}”.`,
  timeUnnamed: "The times stand in the first column of even numbers.",
  noTimes: "It has no times: say how often it was read.",
  rate: "Readings a second",
  choose: (name: string) => `Take ${name}`,
  symbol: "Symbol",
  unit: "Unit",
  name: "Name",
  bringIn: "Bring it in",
  other: "Another file",
  reading: (name: string) => `Reading ${name}…`,
  sending: (name: string) => `Bringing ${name} to the server…`,
  giveUp: "Give up",
  done: (count: number) =>
    count === 1 ? "One recording came in." : `${count} recordings came in, one after the other.`,
} as const;

/** Why a file is no recording, or what of it was left out. */
export const loggerProblems = {
  tooLarge: (name: string) => `${name} is larger than 500 MB. Take a shorter part of it.`,
  noReadings: (name: string) => `No columns of numbers are found in ${name}.`,
  clockBack: (count: number) =>
    `Its clock goes backwards: each part until then is a recording of its own, ${count} in all.`,
  uneven: (count: number) =>
    `${count === 1 ? "One part" : `${count} parts`} of it ${count === 1 ? "was" : "were"} not read at even times and can't be a recording. Bring it in as a table, under Readings.`,
  unreadable: (count: number) =>
    `${count} ${count === 1 ? "cell holds" : "cells hold"} no number: there is a gap.`,
  withoutTime: (count: number) =>
    `${lines(count)} without a time ${count === 1 ? "is" : "are"} left out.`,
  full: "The file goes on where the recording is full: its end is left out.",
  away: "The server does not answer, so nothing was brought in. Try again in a moment.",
  tooMany: "This investigation holds as many recordings as it may. Remove one first.",
  sound: {
    "not-wav": (name: string) => `${name} is no sound file of the kind WAV.`,
    "cut-off": (name: string) => `${name} is cut off: its readings are missing.`,
    packed: (name: string) =>
      `${name} is packed in a way that can't be read here. Save it as plain WAV.`,
    "no-readings": (name: string) => `${name} holds no readings.`,
    "too-many-channels": (name: string) => `${name} has more than four channels.`,
    "too-long": (name: string) =>
      `${name} is longer than ten million readings. Take a shorter part of it.`,
  },
} as const;
