"use client";

import { useEffect, useState } from "react";

const waiting = new Set<() => void>();

function callNext(): void {
  const [next] = waiting;
  if (!next) return;
  waiting.delete(next);
  next();
  if (waiting.size > 0) setTimeout(callNext);
}

/** Whether it is this one's turn: of many that cost time to make, each is made in a moment of its own, once they may begin. */
export function useOneByOne(begun: boolean): boolean {
  const [made, setMade] = useState(false);
  useEffect(() => {
    if (!begun) return;
    const make = () => setMade(true);
    if (waiting.size === 0) setTimeout(callNext);
    waiting.add(make);
    return () => void waiting.delete(make);
  }, [begun]);
  return made;
}
