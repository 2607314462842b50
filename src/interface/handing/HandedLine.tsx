"use client";

import { useEffect, useState, useTransition } from "react";
import type { SchoolReply } from "@/protocol/accounts";
import type { HandedIn } from "@/protocol/handing";
import { schoolFaults } from "@/wording/accounts";
import { handingWords } from "@/wording/handing";
import { Button } from "../parts/Button";
import { Moment } from "../parts/Moment";
import { useLive } from "../parts/useLive";
import { remarkWords } from "@/wording/remarks";
import { useInvestigation } from "../store/useInvestigation";
import type { HandingChanges } from "./handingChanges";
import { laterSheet } from "../later/laterPart";

const ChangesSheet = laterSheet(() => import("./ChangesSheet").then((part) => part.ChangesSheet));

const { bench, teacher } = handingWords;

/** A change to the sheet as a whole, with what went wrong with it. */
function useChange(change: () => Promise<SchoolReply>) {
  const [wrong, setWrong] = useState("");
  const [busy, start] = useTransition();
  const live = useLive();
  const doIt = () =>
    start(async () => {
      const reply = await change();
      setWrong(reply.kind === "fault" ? schoolFaults[reply.fault] : "");
    });
  return { wrong, doIt, disabled: busy || !live };
}

interface ActProps {
  label: string;
  change: () => Promise<SchoolReply>;
}

function Act({ label, change }: ActProps) {
  const { wrong, doIt, disabled } = useChange(change);
  return (
    <>
      {wrong && (
        <span role="alert" className="text-magenta">
          {wrong}
        </span>
      )}
      <Button disabled={disabled} onClick={doIt}>
        {label}
      </Button>
    </>
  );
}

const look = "border-hairline flex flex-wrap items-center gap-x-3 gap-y-1 border-b px-5 py-1.5";

function When({ handing: { at, by, late } }: { handing: HandedIn }) {
  return (
    <>
      <strong className="text-moss font-semibold">{bench.by(by)}</strong> <Moment at={at} />
      {late && <span className="text-magenta"> · {bench.late}</span>}
    </>
  );
}

interface Props {
  investigationId: string;
  handing: HandedIn;
  changes: HandingChanges;
}

/** Says to a bench where what it handed in stands, and lets it take that back. */
export function HandedLine({ investigationId, handing, changes }: Props) {
  const { state, canTakeBack } = handing;
  if (state === "returned") {
    return (
      <section aria-label={bench.label} className={`bg-wash ${look}`}>
        <p role="status" className="text-moss font-semibold">
          {bench.returned}
        </p>
      </section>
    );
  }
  return (
    <section aria-label={bench.label} className={`bg-wash ${look}`}>
      <p role="status" className="mr-auto">
        <When handing={handing} />. {state === "opened" && `${bench.opened} `}
        {bench.stays}
      </p>
      {canTakeBack && (
        <Act label={bench.takeBack} change={() => changes.takeBack(investigationId)} />
      )}
    </section>
  );
}

/** What a bench changed since it handed in the time before, where it did. */
function WhatChanged({ investigationId }: { investigationId: string }) {
  const revisions = useInvestigation(({ terms }) => terms?.revisions);
  const [open, setOpen] = useState(false);
  const live = useLive();
  const before = revisions?.at(-2);
  if (!revisions || before === undefined) return null;
  const number = revisions.length - 1;
  return (
    <>
      <Button disabled={!live} onClick={() => setOpen(true)}>
        {remarkWords.changes.open}
      </Button>
      <ChangesSheet
        investigationId={investigationId}
        revision={before}
        number={number}
        open={open}
        onClose={() => setOpen(false)}
      />
    </>
  );
}

/** What a teacher reads of the handing in, with the way back to the bench; what was handed in is opened once they look at it. */
export function HandedToTeacher({ investigationId, handing, changes }: Props) {
  const { state } = handing;
  const { open, giveBack } = changes;
  useEffect(() => {
    if (state !== "handed-in") return;
    const look = () => {
      if (document.visibilityState === "visible") void open(investigationId).catch(() => {});
    };
    look();
    document.addEventListener("visibilitychange", look);
    return () => document.removeEventListener("visibilitychange", look);
  }, [state, open, investigationId]);
  return (
    <>
      <span>{state === "returned" ? teacher.returned : <When handing={handing} />}</span>
      <WhatChanged investigationId={investigationId} />
      {state !== "returned" && (
        <Act label={teacher.giveBack} change={() => giveBack(investigationId)} />
      )}
    </>
  );
}
