"use client";

import { createContext, useContext } from "react";
import type { WrittenMark } from "@/marks/mark";

/** The pencil marks of the open investigation, looked for once for all who show them (`MarksProvider`). */
export const MarksContext = createContext<readonly WrittenMark[]>([]);

/** The pencil marks, where they have been looked for. */
export function useMarks(): readonly WrittenMark[] {
  return useContext(MarksContext);
}
