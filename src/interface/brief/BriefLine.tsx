"use client";

import { useState } from "react";
import { briefWords } from "@/wording/briefs";
import { Button } from "../parts/Button";
import { useInvestigation } from "../store/useInvestigation";
import { laterSheet } from "../later/laterPart";

const BriefSheet = laterSheet(() => import("./BriefSheet").then((part) => part.BriefSheet));

const words = briefWords.line;

/** Says that a brief is being made, and opens what it says as a whole. */
export function BriefLine() {
  const [open, setOpen] = useState(false);
  const brief = useInvestigation((state) => state.document.brief);
  if (!brief) return null;
  return (
    <section
      aria-label={words.label}
      className="bg-wash border-hairline flex flex-wrap items-center gap-x-3 gap-y-1 border-b px-5 py-1.5"
    >
      <p className="mr-auto" title={words.setTo}>
        <strong className="text-moss font-semibold">{words.is}</strong> {words.text}
      </p>
      <Button onClick={() => setOpen(true)}>{words.says}</Button>
      <BriefSheet brief={brief} open={open} onClose={() => setOpen(false)} />
    </section>
  );
}
