"use client";

import { Lock } from "lucide-react";
import Link from "next/link";
import { useMemo } from "react";
import { type FixablePart, isFixed } from "@/investigation/model/fixedParts";
import { inOrder } from "@/investigation/model/order";
import type { BenchTerms } from "@/protocol/briefs";
import { copyWords } from "@/wording/copies";
import { briefWords, partWords } from "@/wording/briefs";
import type { StageId } from "@/wording/stages";
import { Moment } from "../parts/Moment";
import { RunTextView } from "../parts/RunTextView";
import { MarginNote } from "../parts/StageLayout";
import { useTeacherWord } from "../parts/TeacherWord";
import { useInvestigation } from "../store/useInvestigation";
import { stageParts } from "./stageParts";

const { word: words, fixed, sheet } = briefWords;

function Due({ due, timeZone }: { due: string; timeZone: string }) {
  return (
    <p className="text-soft mt-2">
      {words.due}{" "}
      <strong className="text-ink font-semibold">
        <Moment at={due} timeZone={timeZone} />
      </strong>
    </p>
  );
}

function Criteria({ criteria }: Pick<BenchTerms, "criteria">) {
  const entries = inOrder(criteria).filter(([, { text }]) => text.trim() !== "");
  if (entries.length === 0) return null;
  const total = entries.reduce((sum, [, { points }]) => sum + points, 0);
  return (
    <details className="mt-2" open>
      <summary className="text-soft cursor-pointer">{words.criteria}</summary>
      <ul className="mt-1">
        {entries.map(([id, { text, points }]) => (
          <li key={id} className="flex justify-between gap-3 py-0.5">
            <span>{text}</span>
            <span className="text-soft shrink-0 tabular-nums">{points}</span>
          </li>
        ))}
      </ul>
      <p className="text-soft">{sheet.total({ points: total })}</p>
    </details>
  );
}

/** What of a stage was given with the experiment and stays as it is. */
function Given({ parts }: { parts: readonly FixablePart[] }) {
  const document = useInvestigation((state) => state.document);
  return (
    <details className="mt-2">
      <summary className="text-soft cursor-pointer">{fixed.given}</summary>
      <ul className="mt-1">
        {parts.map((part) => (
          <li key={`${part.kind}:${part.of}`} className="text-soft flex gap-2 py-0.5">
            <Lock aria-hidden size={13} className="mt-1 shrink-0" />
            <span>
              <RunTextView runs={partWords(document, part)} />
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** The way to the reading copies of a bench, where the brief allows them. */
function ToCopies({ id }: { id: string }) {
  return (
    <p className="mt-2">
      <Link href={`/copies/${id}`} prefetch={false} className="text-petrol font-semibold underline">
        {copyWords.open}
      </Link>
    </p>
  );
}

interface Props {
  investigationId: string;
  stage: StageId;
}

/** The top of a stage's margin at a bench: what the teacher says, until when, and what is given. */
export function TermsMargin({ investigationId, stage }: Props) {
  const terms = useInvestigation((state) => state.terms);
  const document = useInvestigation((state) => state.document);
  const given = useMemo(
    () => stageParts(document, stage).filter((part) => isFixed(document, part)),
    [document, stage],
  );
  const word = useTeacherWord();
  if (!terms) return null;
  const introduction = stage === "measure" ? terms.introduction.trim() : "";
  const ends = stage === "measure" || stage === "writeup";
  const due = ends ? terms.due : undefined;
  const shares = stage === "writeup" && terms.copies;
  const looked = ends && Object.values(terms.criteria).some(({ text }) => text.trim() !== "");
  const nothing = [word, introduction, due, looked, given.length > 0, shares].every((one) => !one);
  if (nothing) return null;
  return (
    <MarginNote title={<span className="text-moss">{words.teachers}</span>}>
      {introduction && <p className="whitespace-pre-line">{introduction}</p>}
      {word && <p className={`whitespace-pre-line ${introduction ? "mt-2" : ""}`}>{word}</p>}
      {due && <Due due={due} timeZone={terms.timeZone} />}
      {looked && <Criteria criteria={terms.criteria} />}
      {given.length > 0 && <Given parts={given} />}
      {shares && <ToCopies id={investigationId} />}
    </MarginNote>
  );
}
