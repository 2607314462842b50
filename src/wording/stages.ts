import { type StageId, stageIds } from "@/investigation/model/stage";
import { stages as english } from "./en/stages";
import { worded } from "./language/worded";

export type { StageId };

const { names } = worded("stages", english);

/** The seven stages in the order of the work. */
export const stages: readonly StageId[] = stageIds;

/** "Write up", as the rule names a stage. */
export const stageName = (stage: StageId): string => names[stage];
