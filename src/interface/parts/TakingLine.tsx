"use client";

import { takingWords } from "@/wording/takingOut";
import { Button } from "./Button";
import type { useTaking } from "./useTaking";
import { HowFar } from "./HowFar";

/** What is said of the file that is being taken out: how far it is, what it would lose, why it failed. */
export function TakingLine({ taking, make, giveUp }: ReturnType<typeof useTaking>) {
  if (taking.state === "idle") {
    return (
      <p role="status" className="text-soft mt-1 min-h-5">
        {taking.said}
      </p>
    );
  }
  const { file } = taking;
  if (taking.state === "asking") {
    return (
      <div role="alert" className="mt-2">
        <p>{takingWords.unheld(file.kind, taking.words)}</p>
        <div className="mt-1 flex flex-wrap gap-2">
          <Button onClick={() => void make(file)}>{takingWords.goOn({ kind: file.kind })}</Button>
          <Button look="quiet" onClick={giveUp}>
            {takingWords.leave}
          </Button>
        </div>
      </div>
    );
  }
  return (
    <div className="mt-1 flex min-h-5 flex-wrap items-center gap-3">
      <p role="status" className="text-soft">
        {takingWords.making({ kind: file.kind })}
      </p>
      <HowFar
        part={taking.part}
        label={takingWords.making({ kind: file.kind })}
        className="min-w-24 flex-1"
      />
      <Button look="quiet" onClick={giveUp}>
        {takingWords.giveUp}
      </Button>
    </div>
  );
}
