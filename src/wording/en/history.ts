export const history = {
  /** What is said of what was done with an investigation, and of a look at an earlier moment. */
  historyWords: {
    open: "History",
    title: "What was done",
    ofReading: "This reading since it was first typed",
    none: "Nothing was done yet.",
    loading: "Looking…",
    away: "The server does not answer just now. Try again in a moment.",
    gone: "somebody whose account is gone",
    look: "Look",
    lookAt: "Look at the sheet after: {what}",
    more: "Show what was before",
    asItWas: "The sheet as it was",
    /** What was done last at the moment that is looked at. */
    after: "after:",
    atFirst: "before anything was done",
    nothing: "What you do here changes nothing.",
    folded:
      "From here on back, the sheet itself is kept as it was at the end of each day. Who did what, and every typing of a reading, is kept in full.",
    earlier: "Earlier",
    later: "Later",
    back: "Go back to this",
    now: "To the sheet as it is",
    done: "This is how it was. Everything that was done since still stands in the history.",
  },
  emptied: "emptied",
} as const;
