"use client";

import type { BenchTerms } from "@/protocol/briefs";
import { handingWords } from "@/wording/handing";
import { stageName, stages } from "@/wording/stages";
import { AskedTwice } from "../account/AskedTwice";
import { laterPart } from "../later/laterPart";
import { useLater } from "../later/useLater";
import { LookForMarksLater } from "../marks/MarksProvider";
import { useMarks } from "../marks/useMarks";
import { useInvestigation } from "../store/useInvestigation";
import type { HandingChanges } from "./handingChanges";

const words = handingWords.sheet;

/** The open pencil marks by their stage, in words. */
function useOpenMarks(): readonly string[] {
  const marks = useMarks().filter(({ answer }) => answer === undefined);
  return stages.flatMap((id) => {
    const count = marks.filter(({ stage }) => stage === id).length;
    return count > 0 ? [words.marks({ count, stage: stageName(id) })] : [];
  });
}

interface Props {
  investigationId: string;
  terms: BenchTerms;
  handIn: HandingChanges["handIn"];
}

const Check = laterPart(() => import("./HandingCheck").then(({ HandingCheck }) => HandingCheck));

/** Where a bench hands in, while the sheet is with it. */
export function HandInHere(props: Omit<Props, "terms">) {
  const terms = useInvestigation((state) => state.terms);
  const writes = useInvestigation((state) => state.mayEdit && !state.readOnly);
  return terms && writes ? <HandIn {...props} terms={terms} /> : null;
}

/** Where a bench hands in: after a look at what is open, which is told and never forced unless the brief says so. */
function HandIn({ investigationId, terms, handIn }: Props) {
  const marks = useOpenMarks();
  const looked = useLater(LookForMarksLater.later, terms.insists) !== undefined;
  const kept = useInvestigation(({ pending }) => pending.length === 0);
  const barred = !kept || (terms.insists && (!looked || marks.length > 0));
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
