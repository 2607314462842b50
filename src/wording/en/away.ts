export const away = {
  /** What a page says that could not be had from the server. */
  awayWords: {
    noCopy:
      "This device holds no copy of the investigation. It opens as soon as the place where it is kept answers.",
    title: "The shelf can’t be reached just now",
    text: "The place where investigations are kept does not answer. What was typed on this device is safe; try again in a moment.",
    again: "Try again",
  },
} as const;
