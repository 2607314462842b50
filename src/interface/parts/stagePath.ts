import { usePathname } from "next/navigation";
import { useSyncExternalStore } from "react";
import { type StageId, stageFrom } from "@/investigation/model/stage";

export function stagePath(investigationId: string, stage: StageId): string {
  return `/investigation/${investigationId}/${stage}`;
}

/** The stage that an address stands for. */
export function stageOfPath(path: string): StageId {
  return stageFrom(path.split("/")[3]);
}

const moves = new EventTarget();

/** Moves to a stage without asking the server for the page again. */
export function goToStage(investigationId: string, stage: StageId): void {
  window.history.pushState(null, "", stagePath(investigationId, stage));
  moves.dispatchEvent(new Event("move"));
}

function onMove(moved: () => void): () => void {
  moves.addEventListener("move", moved);
  window.addEventListener("popstate", moved);
  return () => {
    moves.removeEventListener("move", moved);
    window.removeEventListener("popstate", moved);
  };
}

const stageHere = () => stageOfPath(window.location.pathname);

/** The stage in hand: it changes with the click, before the router has gone after it. */
export function useStage(): StageId {
  const asked = stageOfPath(usePathname());
  return useSyncExternalStore(onMove, stageHere, () => asked);
}
