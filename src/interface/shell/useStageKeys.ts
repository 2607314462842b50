"use client";

import { useEffect } from "react";
import { stages } from "@/wording/stages";
import { goToStage } from "../parts/stagePath";

/** Alt+1 … Alt+7 move along the rule. */
export function useStageKeys(investigationId: string): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!event.altKey || event.ctrlKey || event.metaKey) return;
      const stage = stages[Number(/^Digit([1-7])$/.exec(event.code)?.[1]) - 1];
      if (!stage) return;
      event.preventDefault();
      goToStage(investigationId, stage);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [investigationId]);
}
