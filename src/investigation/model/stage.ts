/** The seven stages in the order of the work. */
export const stageIds = [
  ...(["measure", "derive", "straighten", "plot", "slope", "conclude", "writeup"] as const),
];
export type StageId = (typeof stageIds)[number];

/** The stage named in an address, or the first. */
export const stageFrom = (text: string | undefined): StageId =>
  stageIds.find((id) => id === text) ?? "measure";
