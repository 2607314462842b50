"use client";

import { useEffect } from "react";
import type { UndoStack } from "@/investigation/history/undoStack";
import { actSpoken, spokenActs } from "@/wording/spokenActs";
import { useInvestigationStore } from "../store/useInvestigation";
import { announce } from "./announcer";

/** What happened between two stacks of one's own acts, in words; "" for what is heard anyway, such as what is typed. */
export function saidOf(now: UndoStack, before: UndoStack): string {
  const [undone, was] = [now.undone.at(-1), before.undone.at(-1)];
  if (now.undone.length > before.undone.length && undone) {
    return actSpoken("undone", undone.change.act);
  }
  const last = now.done.at(-1);
  if (!last || last === before.done.at(-1)) return "";
  const again = was !== undefined && now.undone.length === before.undone.length - 1;
  if (again && last.change === was.change) return actSpoken("again", last.change.act);
  const isNew = now.done.length > before.done.length || last.mergeKey === undefined;
  return isNew && spokenActs.has(last.change.act) ? actSpoken("done", last.change.act) : "";
}

/** Says what one's own acts did, and what was undone or done again. */
export function useSpokenActs(): void {
  const store = useInvestigationStore();
  useEffect(
    () =>
      store.subscribe((now, before) => {
        if (now.undoStack !== before.undoStack) announce(saidOf(now.undoStack, before.undoStack));
      }),
    [store],
  );
}
