/** The seven stages in the order of the work. */
export const stageIds = [
  ...(["measure", "derive", "straighten", "plot", "slope", "conclude", "writeup"] as const),
];
export type StageId = (typeof stageIds)[number];
