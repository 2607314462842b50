export const later = {
  /** What is said of a part of the application that could not be fetched. */
  laterWords: {
    coming: "This stage is on its way …",
    away: "This part of Fathom Rule is not on this device yet, and the server does not answer. What was typed is safe.",
    notPasted:
      "Nothing was pasted: what reads it is not on this device yet, and the server does not answer. Paste it again in a moment.",
    again: "Try again",
  },
} as const;
