"use client";

import { useRef, useState, useTransition } from "react";
import type { SchoolReply } from "@/protocol/accounts";
import { type OpenedWords, type WordPlace, wordPlaces } from "@/protocol/briefs";
import { schoolFaults } from "@/wording/accounts";
import { briefWords } from "@/wording/briefs";
import { stageName } from "@/wording/stages";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { TextArea } from "../parts/TextArea";
import { useOwnTimeZone } from "../parts/timeZone";
import { useLive } from "../parts/useLive";
import { useNewest } from "../parts/useNewest";
import type { BenchChanges } from "./classChanges";
import { Note } from "./ClassPage";

const words = briefWords.toAll;
const keptAfter = 600;

interface Props {
  classId: string;
  opened: { readonly id: string; readonly wording: OpenedWords };
  changes: Pick<BenchChanges, "setWord" | "setDue" | "setTimeZone">;
}

/** The stage on which words stand. */
const stageOf = (place: WordPlace) => stageName(place === "introduction" ? "measure" : place);

const options = wordPlaces.map((value) => ({
  value,
  label: value === "introduction" ? words.introduction : stageOf(value),
}));

type Told = { readonly said: string; readonly wrong: boolean };
const silent: Told = { said: "", wrong: false };

/** Keeps what is typed once it rests, the last of each place; what was not kept is said. */
function useKept() {
  const [told, tell] = useState(silent);
  const [, start] = useTransition();
  const waiting = useRef(new Map<string, () => Promise<SchoolReply>>());
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const flush = () => {
    clearTimeout(timer.current);
    const all = [...waiting.current.values()];
    waiting.current.clear();
    start(async () => {
      for (const one of all) {
        const reply = await one();
        const wrong = reply.kind === "fault";
        tell({ said: wrong ? schoolFaults[reply.fault] : words.kept, wrong });
      }
    });
  };
  const flushed = useNewest(flush);
  const keep = (key: string, change: () => Promise<SchoolReply>) => {
    waiting.current.set(key, change);
    tell({ said: words.keeping, wrong: false });
    clearTimeout(timer.current);
    timer.current = setTimeout(() => flushed.current(), keptAfter);
  };
  return { told, keep };
}

interface DueProps extends Omit<Props, "opened"> {
  opened: OpenedWords;
  due: string;
  choose: (time: string) => void;
}

/** Until when benches hand in, by the clock of the class; that can be set to the teacher's own. */
function Due({ classId, opened, due, choose, changes }: DueProps) {
  const own = useOwnTimeZone();
  return (
    <div>
      <label className="block">
        <span className="text-soft block text-xs">
          {words.due} ({words.zone({ zone: opened.timeZone })})
        </span>
        <input
          type="datetime-local"
          value={due}
          onChange={(event) => choose(event.target.value)}
          className="bg-page border-hairline h-8 rounded-md border px-2"
        />
      </label>
      {own && own !== opened.timeZone && (
        <Button look="quiet" onClick={() => void changes.setTimeZone(classId, own)}>
          {words.ownZone({ zone: own })}
        </Button>
      )}
    </div>
  );
}

/** A teacher's words to all benches of an experiment, stage by stage, and until when they hand in. */
export function WordsToAll({ classId, opened: { id: experimentId, wording: opened }, changes }: Props) {
  const live = useLive();
  const [place, setPlace] = useState<WordPlace>("measure");
  const [typed, setTyped] = useState<Partial<Record<WordPlace, string>>>({});
  const [due, setDue] = useState(opened.due);
  const { told, keep } = useKept();
  const stands = place === "introduction" ? opened.introduction : opened.words[place];
  const type = (text: string) => {
    setTyped({ ...typed, [place]: text });
    keep(place, () => changes.setWord(classId, experimentId, place, text));
  };
  const chooseDue = (time: string) => {
    setDue(time);
    keep("due", () => changes.setDue(classId, experimentId, time));
  };
  return (
    <Note title={words.title}>
      <fieldset disabled={!live} className="mt-2 space-y-2">
        <Choice label={words.place} value={place} options={options} onChange={setPlace} />
        <TextArea label={words.word} value={typed[place] ?? stands} maxLength={4000} onChange={type} />
        <p className="text-soft text-xs">{words.shown({ where: stageOf(place) })}</p>
        <Due classId={classId} opened={opened} due={due} choose={chooseDue} changes={changes} />
      </fieldset>
      <p role={told.wrong ? "alert" : "status"} className={`min-h-5 text-xs ${told.wrong ? "text-magenta" : "text-soft"}`}>
        {told.said}
      </p>
    </Note>
  );
} // prettier-ignore
