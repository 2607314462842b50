"use client";

import { markPlace } from "@/wording/markPlaces";
import { partsTexts } from "@/wording/partsTexts";
import { reasonText } from "@/wording/settingAside";
import { useState } from "react";
import { dismissMark } from "@/investigation/acts/dismissMark";
import { recallMark } from "@/investigation/acts/recallMark";
import type { StageId } from "@/wording/stages";
import { type Reason, usualAnswers } from "@/investigation/model/reason";
import { Button } from "../parts/Button";
import { ReasonField } from "../parts/ReasonField";
import { RunTextView } from "../parts/RunTextView";
import { MarginNote, PencilMark } from "../parts/StageLayout";
import { useActs } from "../store/useInvestigation";
import type { WrittenMark } from "@/marks/mark";
import { useMarks } from "./useMarks";

const mostShown = 12;

type Go = (mark: WrittenMark) => void;

function Place({ mark, go }: { mark: WrittenMark; go: Go }) {
  return (
    <button type="button" className="text-petrol font-semibold underline" onClick={() => go(mark)}>
      <RunTextView runs={markPlace(mark.place)} />
    </button>
  );
}

function Dismissal({ mark, onDone }: { mark: WrittenMark; onDone: () => void }) {
  const { act } = useActs();
  const [reason, setReason] = useState<Reason>({ usual: usualAnswers[0] });
  return (
    <div className="mt-1 flex flex-col gap-2">
      <ReasonField
        label={partsTexts.itCanStandBecause}
        of={usualAnswers}
        value={reason}
        onChange={setReason}
      />
      <div className="flex gap-2">
        <Button
          disabled={reason === ""}
          onClick={() => {
            act(dismissMark, { marks: mark.keys, reason });
            onDone();
          }}
        >
          {partsTexts.rubOutTheMark}
        </Button>
        <Button look="quiet" onClick={onDone}>
          {partsTexts.leaveIt}
        </Button>
      </div>
    </div>
  );
}

function Standing({ mark, go }: { mark: WrittenMark; go: Go }) {
  const [answering, setAnswering] = useState(false);
  return (
    <PencilMark>
      <Place mark={mark} go={go} />: {mark.sentence}{" "}
      {mark.dismissable && !answering && (
        <button
          type="button"
          className="text-soft hover:text-ink underline"
          aria-label={partsTexts.answerSentence({ sentence: mark.sentence })}
          onClick={() => setAnswering(true)}
        >
          {partsTexts.answer}
        </button>
      )}
      {answering && <Dismissal mark={mark} onDone={() => setAnswering(false)} />}
    </PencilMark>
  );
}

function Answered({ marks, go }: { marks: readonly WrittenMark[]; go: Go }) {
  const { act } = useActs();
  if (marks.length === 0) return null;
  return (
    <details className="mt-1">
      <summary className="text-soft cursor-pointer">
        {partsTexts.rubbedOutCount({ count: marks.length })}
      </summary>
      <ul>
        {marks.map((mark) => (
          <li key={mark.key} className="py-1">
            <Place mark={mark} go={go} />: {mark.sentence}{" "}
            <span className="text-soft">
              {mark.answer && partsTexts.itStands({ reason: reasonText(mark.answer) })}
            </span>{" "}
            <button
              type="button"
              className="text-soft hover:text-ink underline"
              onClick={() => act(recallMark, { marks: mark.keys })}
            >
              {partsTexts.bringItBack}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** The pencil marks that wait at a stage; each can be answered with a reason and is then rubbed out. */
export function StageMarks({ stage, go }: { stage: StageId; go: Go }) {
  const marks = useMarks().filter((mark) => mark.stage === stage);
  const standing = marks.filter(({ answer }) => answer === undefined);
  const answered = marks.filter(({ answer }) => answer !== undefined);
  if (marks.length === 0) return null;
  return (
    <MarginNote title={partsTexts.pencilMarks}>
      <ul>
        {standing.slice(0, mostShown).map((mark) => (
          <Standing key={mark.key} mark={mark} go={go} />
        ))}
      </ul>
      {standing.length > mostShown && (
        <p className="text-soft">
          {partsTexts.andValueMore({ value: standing.length - mostShown })}
        </p>
      )}
      {standing.length === 0 && <p className="text-soft">{partsTexts.noneStands}</p>}
      <Answered marks={answered} go={go} />
    </MarginNote>
  );
}
