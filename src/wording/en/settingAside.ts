export const settingAside = {
  /** What is asked of a reason. */
  reasonWords: {
    another: "another reason",
    typed: "The reason",
  },
  words: {
    misread: "misread",
    disturbed: "disturbed while it was taken",
    slipped: "the instrument slipped or was not zeroed",
    "beyond-theory": "outside the range that the theory covers",
    "as-noted": "checked against the notes: it is as read",
    method: "the method asks for it",
    "best-there-is": "the instrument allows no better",
  },
} as const;
