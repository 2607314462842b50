"use client";

import { ChevronLeft, ChevronRight } from "lucide-react";
import { useEffect } from "react";
import type { NeighbourBench, OpenedBench } from "@/protocol/classes";
import { remarkWords } from "@/wording/remarks";
import { stagePath, useStage } from "../parts/stagePath";

const words = remarkWords.neighbours;

/** Alt+P and Alt+N lead to the benches before and after this one, on the same stage. */
function useNeighbourKeys({ previous, next }: NonNullable<OpenedBench["neighbours"]>): void {
  const stage = useStage();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!event.altKey || event.ctrlKey || event.metaKey) return;
      const to = event.code === "KeyN" ? next : event.code === "KeyP" ? previous : undefined;
      if (!to) return;
      event.preventDefault();
      window.location.assign(stagePath(to.investigation, stage));
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [previous, next, stage]);
}

function Way({ to, forward }: { to: NeighbourBench; forward: boolean }) {
  const stage = useStage();
  return (
    <a
      href={stagePath(to.investigation, stage)}
      aria-keyshortcuts={forward ? "Alt+N" : "Alt+P"}
      title={words.keys}
      className="text-petrol inline-flex items-center font-semibold whitespace-nowrap"
    >
      {!forward && <ChevronLeft aria-hidden size={16} />}
      {forward ? words.next({ number: to.number }) : words.previous({ number: to.number })}
      {forward && <ChevronRight aria-hidden size={16} />}
    </a>
  );
}

/** The ways from one bench to the next, for a teacher who reads them all. */
export function Neighbours({ neighbours }: { neighbours: NonNullable<OpenedBench["neighbours"]> }) {
  useNeighbourKeys(neighbours);
  const { previous, next } = neighbours;
  return (
    <nav aria-label={words.label} className="flex items-center gap-3">
      {previous && <Way to={previous} forward={false} />}
      {next && <Way to={next} forward />}
    </nav>
  );
}
