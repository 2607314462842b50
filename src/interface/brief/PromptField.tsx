"use client";

import { describeBlock } from "@/investigation/acts/describeBlock";
import { limits } from "@/investigation/model/limits";
import type { WriteUpBlock } from "@/investigation/model/writeUp";
import { briefWords } from "@/wording/briefs";
import { TextArea } from "../parts/TextArea";
import { useActs, useInvestigation } from "../store/useInvestigation";

/** Where a brief is made: what benches are to write under a heading. */
export function PromptField({ id, block }: { id: string; block: WriteUpBlock }) {
  const { act } = useActs();
  const isMade = useInvestigation((state) => state.document.brief !== null && !state.ofBench);
  if (!isMade) return null;
  return (
    <div className="px-2">
      <TextArea
        label={briefWords.prompt.label}
        placeholder={briefWords.prompt.hint}
        value={block.prompt ?? ""}
        rows={2}
        maxLength={limits.lettersOfWord}
        onChange={(prompt) => act(describeBlock, { block: id, change: { prompt } }, `prompt/${id}`)}
      />
    </div>
  );
}
