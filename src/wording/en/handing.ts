export const handing = {
  /** What is said where a bench hands in, and where a teacher reads what came. */
  handingWords: {
    handIn: "Hand in…",
    sheet: {
      notReached: "Nothing done yet on {stages}",
      title: "Hand in?",
      text: "Your teacher gets the sheet as it stands now. Nothing can be changed in it until it comes back.",
      seen: "You will then see the accepted value, so it can’t be taken back.",
      takesBack: "You can take it back until your teacher has opened it.",
      ready: "Nothing is open: no pencil mark, no prompt.",
      look: "Before you do, look at these:",
      insists: "Your teacher takes it only when none of them is left.",
      marks: "{count} {count, plural, one {pencil mark} other {pencil marks}} on {stage}",
      late: "It was due before now: it will be marked as late.",
      keeping: "Not all is with the server yet: wait a moment.",
      doIt: "Hand it in",
      keep: "Not yet",
    },
    bench: {
      label: "Handed in",
      stays: "It stays as it is until it comes back.",
      late: "late",
      takeBack: "Take it back",
      opened: "Your teacher is reading it.",
      returned: "It came back: you can go on with it, and hand it in again.",
    },
    teacher: {
      giveBack: "Give it back",
      returned: "It is back with the bench.",
    },
    row: {
      "handed-in": "handed in",
      opened: "opened",
      returned: "given back",
      late: "late",
    },
  },
  handedIn: { plain: "Handed in", by: "Handed in by {name}" },
} as const;
