export const loggers = {
  /** What is said where files of loggers are brought in. */
  loggerWords: {
    open: "Bring in a file",
    title: "Bring in a recording",
    kinds: "CSV, TSV or text of a logger, up to 500 MB, or sound as WAV.",
    found: "{name}: {columns} {columns, plural, one {column} other {columns}} of numbers.",
    most: "Four at most become channels of one recording.",
    time: "The times stand in “{heading}”.",
    timeUnnamed: "The times stand in the first column of even numbers.",
    noTimes: "It has no times: say how often it was read.",
    rate: "Readings a second",
    choose: "Take {name}",
    symbol: "Symbol",
    unit: "Unit",
    name: "Name",
    bringIn: "Bring it in",
    other: "Another file",
    reading: "Reading {name}…",
    sending: "Bringing {name} to the server…",
    giveUp: "Give up",
    done: "{count, plural, one {One recording came in.} other {{count} recordings came in, one after the other.}}",
  },
  /** Why a file is no recording, or what of it was left out. */
  loggerProblems: {
    withoutTime:
      "{count, plural, one {# line without a time is left out.} other {# lines without a time are left out.}}",
    tooLarge: "{name} is larger than 500 MB. Take a shorter part of it.",
    noReadings: "No columns of numbers are found in {name}.",
    clockBack:
      "Its clock goes backwards: each part until then is a recording of its own, {count} in all.",
    uneven:
      "{count, plural, one {One part} other {{count} parts}} of it {count, plural, one {was} other {were}} not read at even times and can’t be a recording. Bring it in as a table, under Readings.",
    unreadable:
      "{count} {count, plural, one {cell holds} other {cells hold}} no number: there is a gap.",
    full: "The file goes on where the recording is full: its end is left out.",
    away: "The server does not answer, so nothing was brought in. Try again in a moment.",
    tooMany: "This investigation holds as many recordings as it may. Remove one first.",
    sound: {
      "not-wav": "{name} is no sound file of the kind WAV.",
      "cut-off": "{name} is cut off: its readings are missing.",
      packed: "{name} is packed in a way that can’t be read here. Save it as plain WAV.",
      "no-readings": "{name} holds no readings.",
      "too-many-channels": "{name} has more than four channels.",
      "too-long": "{name} is longer than ten million readings. Take a shorter part of it.",
    },
  },
} as const;
