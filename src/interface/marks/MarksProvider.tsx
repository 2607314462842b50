"use client";

import { type ReactNode, useState } from "react";
import type { WrittenMark } from "@/marks/mark";
import { laterPart } from "../later/laterPart";
import { MarksContext } from "./useMarks";

/** Comes ahead: nobody waits for pencil marks. */
export const LookForMarksLater = laterPart(
  () => import("./LookForMarks").then(({ LookForMarks }) => LookForMarks),
  { needed: () => false },
);

const none: readonly WrittenMark[] = [];

/** Looks for the pencil marks of the open investigation, once for all who show them. */
export function MarksProvider({ children }: { children: ReactNode }) {
  const [marks, setMarks] = useState(none);
  return (
    <MarksContext value={marks}>
      <LookForMarksLater onFound={setMarks} />
      {children}
    </MarksContext>
  );
}
