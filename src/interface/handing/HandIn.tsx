"use client";

import { useState } from "react";
import type { BenchTerms } from "@/protocol/briefs";
import { handingWords } from "@/wording/handing";
import { stageName, stages } from "@/wording/stages";
import { AskedTwice } from "../account/AskedTwice";
import { useMarks } from "../marks/useMarks";
import { PencilMark } from "../parts/StageLayout";
import { useFigureFit } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { useResults } from "../store/useResults";
import type { HandingChanges } from "./handingChanges";
import { stagesLeft } from "./stagesLeft";

const words = handingWords.sheet;

/** The open pencil marks by their stage, in words. */
function useOpenMarks(): readonly string[] {
  const marks = useMarks().filter(({ answer }) => answer === undefined);
  return stages.flatMap(({ id, label }) => {
    const count = marks.filter(({ stage }) => stage === id).length;
    return count > 0 ? [words.marks(count, label)] : [];
  });
}

/** The stages where nothing is done yet, in words. */
function useStagesLeft(): readonly string[] {
  const document = useInvestigation((state) => state.document);
  const hasLine = useFigureFit()?.lines.some(({ outcome }) => outcome.kind === "line") ?? false;
  const hasResult = useResults().some(({ kind }) => kind === "worked");
  const left = stagesLeft({ document, hasLine, hasResult }).map(stageName);
  return left.length > 0 ? [words.notReached(left)] : [];
}

interface Props {
  investigationId: string;
  terms: BenchTerms;
  handIn: HandingChanges["handIn"];
}

/** What a bench is told before it hands in. */
function Check({ terms, marks }: { terms: BenchTerms; marks: readonly string[] }) {
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

/** Where a bench hands in, while the sheet is with it. */
export function HandInHere(props: Omit<Props, "terms">) {
  const terms = useInvestigation((state) => state.terms);
  const writes = useInvestigation((state) => state.mayEdit && !state.readOnly);
  return terms && writes ? <HandIn {...props} terms={terms} /> : null;
}

/** Where a bench hands in: after a look at what is open, which is told and never forced unless the brief says so. */
function HandIn({ investigationId, terms, handIn }: Props) {
  const marks = useOpenMarks();
  const kept = useInvestigation(({ pending }) => pending.length === 0);
  const barred = !kept || (terms.insists && marks.length > 0);
  return (
    <AskedTwice
      main
      barred={barred}
      words={{ ...words, open: handingWords.handIn }}
      doIt={() => handIn(investigationId)}
    >
      <Check terms={terms} marks={marks} />
      {!kept && <p className="text-soft">{words.keeping}</p>}
    </AskedTwice>
  );
}
