"use client";

import { useRef, useState } from "react";
import { type DecimalMark, readNumber } from "@/core/number/readNumber";
import { writePlainly } from "@/core/number/writtenNumber";
import type { Criterion } from "@/investigation/model/brief";
import { inOrder } from "@/investigation/model/order";
import { isWithTeacher } from "@/protocol/handing";
import { remarkLimits } from "@/protocol/remarks";
import { remarkWords } from "@/wording/remarks";
import { MarginNote } from "../parts/StageLayout";
import { TextArea } from "../parts/TextArea";
import { Tick } from "../parts/Tick";
import { useNewest } from "../parts/useNewest";
import { useHouseRules } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";
import { useRemarks } from "./RemarksProvider";

const words = remarkWords.judging;
const keptAfter = 700;
const mostFigures = 4;

/** Points as they are written: 2.5, with the decimal mark of the house. */
export function pointsText(points: number, mark: DecimalMark): string {
  const text = Number.isInteger(points) ? String(points) : writePlainly(points, mostFigures);
  return mark === "comma" ? text.replace(".", ",") : text;
}

interface CriterionProps {
  id: string;
  criterion: Criterion;
  given: number | undefined;
}

/** A criterion with its points: ticked for all, or typed for some. */
function CriterionPoints({ id, criterion: { text, points }, given }: CriterionProps) {
  const { change } = useRemarks();
  const { decimalMark } = useHouseRules();
  const [typed, setTyped] = useState<string>();
  const shown = given === undefined ? "" : pointsText(given, decimalMark);
  const give = (of: number | null) =>
    void change({ kind: "give-points", criterion: id, points: of });
  const type = (typedText: string) => {
    setTyped(typedText);
    const read = readNumber(typedText, decimalMark);
    if (read.kind === "empty") give(null);
    const value = read.kind === "number" ? read.number.value : -1;
    if (value >= 0 && value <= points) give(value);
  };
  return (
    <li className="flex items-center gap-3 py-1">
      <span className="min-w-0 flex-1 wrap-anywhere">{text}</span>
      <input
        aria-label={words.points({ criterion: text })}
        inputMode="decimal"
        autoComplete="off"
        value={typed ?? shown}
        onChange={(event) => type(event.target.value)}
        onBlur={() => setTyped(undefined)}
        className="bg-page border-hairline h-7 w-14 shrink-0 rounded-md border px-1.5 text-right"
      />
      <Tick
        label={words.full({ points })}
        checked={given === points}
        onChange={(on) => {
          setTyped(undefined);
          give(on ? points : null);
        }}
      />
    </li>
  );
}

/** The last word as it is typed, kept once it rests. */
function LastWord({ stands }: { stands: string }) {
  const { change } = useRemarks();
  const [typed, setTyped] = useState<string>();
  const waiting = useRef<string>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const flush = () => {
    clearTimeout(timer.current);
    const text = waiting.current;
    waiting.current = undefined;
    if (text !== undefined) void change({ kind: "last-word", text });
  };
  const flushed = useNewest(flush);
  const type = (text: string) => {
    setTyped(text);
    waiting.current = text;
    clearTimeout(timer.current);
    timer.current = setTimeout(() => flushed.current(), keptAfter);
  };
  return (
    <div onBlur={() => flushed.current()}>
      <TextArea label={words.lastWord} value={typed ?? stands} maxLength={remarkLimits.letters} onChange={type} />
    </div>
  );
} // prettier-ignore

type Entries = readonly (readonly [string, Criterion])[];

function Total({
  entries,
  points,
}: {
  entries: Entries;
  points: Readonly<Record<string, number>>;
}) {
  const { decimalMark } = useHouseRules();
  const of = entries.reduce((sum, [, one]) => sum + one.points, 0);
  const total = entries.reduce((sum, [id]) => sum + (points[id] ?? 0), 0);
  return (
    <p className="mt-1 font-semibold">
      {words.total({ points: pointsText(total, decimalMark), of })}
    </p>
  );
}

/** Points by criteria and the last word: given by a teacher, read by the bench once it is given back. */
export function Judging() {
  const { state, teacher } = useRemarks();
  const { decimalMark } = useHouseRules();
  const terms = useInvestigation(({ terms: all }) => all);
  const { judged } = state;
  if (!terms || !judged) return null;
  const entries = inOrder(terms.criteria).filter(([, { text }]) => text.trim() !== "");
  const writes = teacher && isWithTeacher(terms.handing);
  const { points, lastWord } = judged;
  if (!writes && Object.keys(points).length === 0 && lastWord === "") return null;
  return (
    <MarginNote title={<span className="text-moss">{words.title}</span>}>
      {entries.length === 0 && writes && <p className="text-soft mb-1">{words.none}</p>}
      <ul>
        {entries.map(([id, criterion]) =>
          writes ? (
            <CriterionPoints key={id} id={id} criterion={criterion} given={points[id]} />
          ) : (
            <li key={id} className="flex justify-between gap-3 py-0.5">
              <span className="wrap-anywhere">{criterion.text}</span>
              <span className="shrink-0">
                {points[id] === undefined ? "–" : pointsText(points[id], decimalMark)}
                <span className="text-soft"> / {criterion.points}</span>
              </span>
            </li>
          ),
        )}
      </ul>
      {entries.length > 0 && <Total entries={entries} points={points} />}
      {writes ? (
        <LastWord stands={lastWord} />
      ) : (
        lastWord !== "" && <p className="mt-2 whitespace-pre-line">{lastWord}</p>
      )}
    </MarginNote>
  );
}
