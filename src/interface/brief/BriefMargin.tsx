"use client";

import { useMemo } from "react";
import { fixParts } from "@/investigation/acts/fixParts";
import { setBrief } from "@/investigation/acts/setBrief";
import { setWord } from "@/investigation/acts/setWord";
import { type Brief, briefValues } from "@/investigation/model/brief";
import { fixedKey } from "@/investigation/model/fixedParts";
import { limits } from "@/investigation/model/limits";
import { briefWords, partWords } from "@/wording/briefs";
import { type StageId, stageName } from "@/wording/stages";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { RunTextView } from "../parts/RunTextView";
import { MarginNote } from "../parts/StageLayout";
import { TextArea } from "../parts/TextArea";
import { Tick } from "../parts/Tick";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { stageParts } from "./stageParts";

const { fixed: fixedWords, word: wordWords, accepted, sheet } = briefWords;

/** When benches see what results are held against. */
export function AcceptedChoice({ brief }: { brief: Brief }) {
  const { act } = useActs();
  return (
    <Choice
      label={sheet.accepted}
      value={brief.accepted}
      options={briefValues.accepted.map((value) => ({ value, label: accepted[value] }))}
      onChange={(value) => act(setBrief, { change: { accepted: value } })}
    />
  );
}

/** Ticks for what benches can't change on a stage. */
function Fixing({ brief, stage }: { brief: Brief; stage: StageId }) {
  const { act } = useActs();
  const document = useInvestigation((state) => state.document);
  const parts = useMemo(() => stageParts(document, stage), [document, stage]);
  if (stage === "slope") return null;
  if (stage === "conclude") return <AcceptedChoice brief={brief} />;
  if (parts.length === 0) return <p className="text-soft">{fixedWords.none}</p>;
  const isAll = parts.every((part) => brief.fixed[fixedKey(part)]);
  return (
    <>
      <h3 className="text-soft mt-3 text-xs">{fixedWords.title}</h3>
      <ul className="mt-1 space-y-1">
        {parts.map((part) => (
          <li key={fixedKey(part)}>
            <Tick
              label={<RunTextView runs={partWords(document, part)} />}
              checked={brief.fixed[fixedKey(part)] === true}
              onChange={(fixed) => act(fixParts, { parts: [part], fixed })}
            />
          </li>
        ))}
      </ul>
      {parts.length > 1 && (
        <div className="mt-2">
          <Button look="quiet" onClick={() => act(fixParts, { parts, fixed: !isAll })}>
            {isAll ? fixedWords.free : fixedWords.all}
          </Button>
        </div>
      )}
    </>
  );
}

/** The top of a stage's margin where a brief is made: the word for the benches, and what they can't change. */
export function BriefMargin({ stage }: { stage: StageId }) {
  const { act } = useActs();
  const brief = useInvestigation((state) => state.document.brief);
  if (!brief) return null;
  return (
    <MarginNote
      title={<span className="text-moss">{wordWords.yours({ stage: stageName(stage) })}</span>}
    >
      <TextArea
        label={wordWords.hint}
        value={brief.words[stage]}
        maxLength={limits.lettersOfWord}
        onChange={(text) => act(setWord, { stage, text }, `word/${stage}`)}
      />
      <div className="mt-2">
        <Fixing brief={brief} stage={stage} />
      </div>
    </MarginNote>
  );
}
