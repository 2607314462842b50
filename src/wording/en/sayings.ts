export const sayings = {
  /** Sentences of the shell and its rooms that depend on nothing, or on a number. */
  sayings: {
    /** Stands behind the number of pencil marks, for those who hear it. */
    pencilMarks: "{count, plural, one {pencil mark} other {pencil marks}}",
    signOut: {
      button: "Sign out",
      title: "Not all is with the server yet",
      text: "These changes stand on this device only. If you sign out now they stay here, and go to the server when you next sign in on this device. Everything else of yours is taken off this device.",
      unnamed: "{count} {count, plural, one {change} other {changes}}",
      stay: "Stay signed in",
      leave: "Sign out, keep these here",
      away: "The server does not answer: try again in a moment.",
    },
    notFound: {
      title: "Nothing stands here",
      text: "This investigation does not exist, or it is not on your shelf.",
      toShelf: "To the shelf",
    },
    shelf: {
      full: "The shelf is full. Delete an investigation that is no longer needed, and start again.",
      notBroughtIn: "That could not be brought in.",
    },
    saving: {
      kept: "All changes kept {time}",
      keeping: "Keeping…",
      onDevice: "Kept on this device. The server does not answer; trying again.",
      waiting: "Kept on this device. The server asks to wait a moment.",
      failing: "Kept on this device. The server stumbles; trying again.",
      forbidden: "Kept on this device. Something on the way to the server lets nothing through.",
      pageOlder: "Kept on this device. The server is newer than this page.",
      pageNewer: "Kept on this device. The server is older than this page; trying again.",
      reload: "Reload",
      signedOut: "Kept on this device. Sign in again to save.",
      nowhere: "Not kept yet: this device has no room. Leave this window open.",
      handedIn: "Kept on this device. The sheet is handed in: this goes to it when it comes back.",
      lost: "Kept on this device. This investigation is no longer on your shelf.",
    },
    reading: {
      nothingChanges: "You only read here, so nothing was changed. Take a copy to try things on.",
      label: "Reading only",
      nothing: "What you do here changes nothing.",
      copy: "Take a copy",
      ended: "You no longer sit at this bench",
      endedReading: "This sheet is not open to you any more",
      copied: "What the bench did until now stands on your shelf as a copy.",
      toShelf: "To the shelf",
      takeOut: "Take out what stands in this window",
    },
    refused: {
      fault:
        "That could not be done: something went wrong in this window. What was kept before still is; the fault is noted.",
      replacedSince: "Others have changed this since, so there is nothing of yours to take back.",
      partly:
        "{left} {left, plural, one {part} other {parts}} of what was brought in did not fit any more and {left, plural, one {was} other {were}} left out. Bring it in once more.",
      nearlyFull:
        "This investigation holds {megabytes} MB of 20. Beyond that nothing more is taken: start another one soon.",
    },
    broken: {
      unreadable:
        "What is stored of it does not hold together: some change that was let in spoilt it.",
      newer:
        "It was written by a newer version of Fathom Rule than this server runs. Nothing is wrong with it: it opens again when the server is up to date. Until then it can be taken out as a file.",
      fell: "The page fell over something that it holds. The fault is noted.",
      nothingLost:
        "Nothing is taken away: every change since the last good state stays in the history, and what is stored can be taken out as a file.",
      goBack: "Go back to the last good state",
      takeOut: "Take out what is stored",
      toShelf: "To the shelf",
      noState: "No earlier state can be read either. Take out what is stored and ask for help.",
    },
    measure: {
      title: "Readings",
      hint: "Type a reading and press Enter to go down, Tab to go across. Paste works from any spreadsheet.",
      hintForReaders: "Arrow keys go from reading to reading; what is marked can be copied.",
      emptyClipboard: "The clipboard is empty. Copy the cells in the spreadsheet once more.",
    },
  },
  untitledOne: "An investigation without a title",
  readingBench: "You read bench {number}.",
  readingBenchOf: "You read bench {number}: {names}.",
  broken: {
    named: "{title} can’t be shown as it stands",
    unnamed: "This investigation can’t be shown as it stands",
  },
} as const;
