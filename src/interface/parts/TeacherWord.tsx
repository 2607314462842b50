"use client";

import { briefWords } from "@/wording/briefs";
import { useInvestigation } from "../store/useInvestigation";
import { useStage } from "./stagePath";

/** The teacher's word for the stage in hand, as lines of text; "" where there is none. */
export function useTeacherWord(): string {
  const stage = useStage();
  return useInvestigation(({ terms }) => terms?.words[stage] ?? "").trim();
}

/** The teacher's word on a page where nothing stands yet. */
export function TeacherWord() {
  const word = useTeacherWord();
  if (word === "") return null;
  return (
    <section
      aria-label={briefWords.word.teachers}
      className="border-moss mb-4 max-w-prose border-l-2 pl-3 text-left"
    >
      <p className="text-moss text-xs font-semibold">{briefWords.word.teachers}</p>
      <p className="text-ink whitespace-pre-line">{word}</p>
    </section>
  );
}
