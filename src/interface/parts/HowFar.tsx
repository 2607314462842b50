"use client";

import { useEffect, useRef } from "react";
import { takingWords } from "@/wording/takingOut";
import { announce } from "../keys/announcer";

/** In ms: long work is heard of so often. */
const saidEvery = 5000;

interface Props {
  /** From 0 to 1. */
  part: number;
  /** What is being done. */
  label: string;
  className?: string;
}

/** How far long work is: drawn, and said now and then to those who hear the page. */
export function HowFar({ part, label, className = "flex-1" }: Props) {
  const saidAt = useRef<number>(undefined);
  useEffect(() => {
    const now = performance.now();
    saidAt.current ??= now;
    if (now - saidAt.current < saidEvery) return;
    saidAt.current = now;
    announce(takingWords.howFar({ work: label, percent: Math.round(100 * part) }));
  }, [part, label]);
  return <progress value={part} aria-label={label} className={className} />;
}
