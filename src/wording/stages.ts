import type { StageId } from "@/investigation/model/stage";

export type { StageId };

/** The seven stages in the order of the work. */
export const stages: readonly { readonly id: StageId; readonly label: string }[] = [
  { id: "measure", label: "Measure" },
  { id: "derive", label: "Derive" },
  { id: "straighten", label: "Straighten" },
  { id: "plot", label: "Plot" },
  { id: "slope", label: "Slope" },
  { id: "conclude", label: "Conclude" },
  { id: "writeup", label: "Write up" },
];

/** The stage named in an address, or the first. */
export function stageFrom(text: string | undefined): StageId {
  return stages.find(({ id }) => id === text)?.id ?? "measure";
}

/** "Write up", as the rule names a stage. */
export const stageName = (stage: StageId): string =>
  stages.find(({ id }) => id === stage)?.label ?? "";
