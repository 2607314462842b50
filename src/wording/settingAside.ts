/** Usual reasons for leaving a reading out. */
export const reasonsToSetAside = [
  "misread",
  "disturbed while it was taken",
  "the instrument slipped or was not zeroed",
  "outside the range that the theory covers",
] as const;

/** Usual reasons why a pencil mark can stand. */
export const reasonsToDismiss = [
  "checked against the notes: it is as read",
  "the method asks for it",
  "the instrument allows no better",
] as const;
