"use client";

import { inList } from "@/wording/language/listing";
import { useState } from "react";
import type { BenchTerms } from "@/protocol/briefs";
import { handingWords } from "@/wording/handing";
import { stageName } from "@/wording/stages";
import { PencilMark } from "../parts/StageLayout";
import { useFigureFit } from "../store/useFigureFit";
import { useInvestigation } from "../store/useInvestigation";
import { useResults } from "../store/useResults";
import { stagesLeft } from "./stagesLeft";

const words = handingWords.sheet;

/** The stages where nothing is done yet, in words. */
function useStagesLeft(): readonly string[] {
  const document = useInvestigation((state) => state.document);
  const hasLine = useFigureFit()?.lines.some(({ outcome }) => outcome.kind === "line") ?? false;
  const hasResult = useResults().some(({ kind }) => kind === "worked");
  const left = stagesLeft({ document, hasLine, hasResult }).map(stageName);
  return left.length > 0 ? [words.notReached({ stages: inList(left) })] : [];
}

/** What a bench is told before it hands in. */
export function HandingCheck({ terms, marks }: { terms: BenchTerms; marks: readonly string[] }) {
  const open = [...marks, ...useStagesLeft()];
  const [now] = useState(() => Date.now());
  return (
    <div className="space-y-3">
      {open.length === 0 ? (
        <p>{words.ready}</p>
      ) : (
        <div>
          <p>{words.look}</p>
          <ul className="mt-1">
            {open.map((one) => (
              <PencilMark key={one}>{one}</PencilMark>
            ))}
          </ul>
        </div>
      )}
      {terms.insists && <p className="font-semibold">{words.insists}</p>}
      {terms.due && Date.parse(terms.due) < now && <p className="text-magenta">{words.late}</p>}
      <p className="text-soft">{terms.valueThen ? words.seen : words.takesBack}</p>
    </div>
  );
}
