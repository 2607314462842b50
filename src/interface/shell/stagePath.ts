import { type StageId, stageFrom } from "@/wording/stages";

export function stagePath(investigationId: string, stage: StageId): string {
  return `/investigation/${investigationId}/${stage}`;
}

/** The stage that an address stands for. */
export function stageOfPath(path: string): StageId {
  return stageFrom(path.split("/")[3]);
}

/** Moves to a stage without asking the server for the page again. */
export function goToStage(investigationId: string, stage: StageId): void {
  window.history.pushState(null, "", stagePath(investigationId, stage));
}
