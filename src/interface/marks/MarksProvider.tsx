"use client";

import type { ReactNode } from "react";
import { MarksContext, useMarksFound } from "./useMarks";

/** Looks for the pencil marks of the open investigation, once for all who show them. */
export function MarksProvider({ children }: { children: ReactNode }) {
  return <MarksContext value={useMarksFound()}>{children}</MarksContext>;
}
