"use client";

import { useState, useTransition } from "react";
import type { SchoolReply } from "@/protocol/accounts";
import type { OpenedExperiment } from "@/protocol/classes";
import { schoolFaults } from "@/wording/accounts";
import { benchWords } from "@/wording/benches";
import { AskedTwice } from "../account/AskedTwice";
import { Button } from "../parts/Button";
import { Tick } from "../parts/Tick";
import { useLive } from "../parts/useLive";
import type { BenchChanges } from "./classChanges";
import { Note } from "./ClassPage";
import { WordsToAll } from "./WordsToAll";

interface Props {
  classId: string;
  opened: OpenedExperiment;
  changes: BenchChanges;
}

function Ending({ classId, opened, changes }: Props) {
  const { end } = benchWords;
  const words = { ...end, title: end.title(opened.title) };
  return <AskedTwice look="quiet" words={words} doIt={() => changes.end(classId, opened.id)} />;
}

/** How benches are made: for all at once, or by the students themselves. */
export function BenchesMargin(props: Props) {
  const { classId, opened, changes } = props;
  const { making, own } = benchWords;
  const [wrong, setWrong] = useState("");
  const [busy, start] = useTransition();
  const live = useLive();
  const all = (act: (id: string, experimentId: string) => Promise<SchoolReply>) => () =>
    start(async () => {
      const reply = await act(classId, opened.id);
      setWrong(reply.kind === "fault" ? schoolFaults[reply.fault] : "");
    });
  const still = opened.unseated.length === 0 || busy || !live;
  return (
    <>
      <WordsToAll
        key={opened.id}
        classId={classId}
        experimentId={opened.id}
        opened={opened.wording}
        changes={changes}
      />
      <Note title={making.title}>
        <p className="text-soft mt-1">{making.text}</p>
        <div className="mt-2 flex flex-wrap gap-2">
          <Button look="main" disabled={still} onClick={all(changes.inTwos)}>
            {making.twos}
          </Button>
          <Button disabled={still} onClick={all(changes.eachAlone)}>
            {making.alone}
          </Button>
        </div>
        <p className="text-soft mt-2 text-xs">{making.note}</p>
        <p role="alert" className="text-magenta">
          {wrong}
        </p>
      </Note>
      <Note title={own.title}>
        <div className="mt-2">
          <Tick
            label={own.tick}
            checked={opened.ownBenches}
            disabled={!live}
            onChange={(on) => all((id, experiment) => changes.ownBenches(id, experiment, on))()}
          />
        </div>
        <p className="text-soft mt-1">{own.text}</p>
      </Note>
      <div className="mt-3">
        <Ending {...props} />
      </div>
    </>
  );
}
