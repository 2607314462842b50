/** Usual reasons for leaving a reading out. */
export const reasonsToSetAside = [
  "misread",
  "disturbed while it was taken",
  "the instrument slipped or was not zeroed",
  "outside the range that the theory covers",
] as const;
