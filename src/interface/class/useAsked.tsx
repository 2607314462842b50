"use client";

import { useState, useTransition } from "react";
import type { SchoolReply } from "@/protocol/accounts";
import { schoolFaults } from "@/wording/accounts";

type Change = (classId: string, experimentId: string) => Promise<SchoolReply>;

/** A line that says what was wrong, where something was. */
export function WrongLine({ text }: { text: string }) {
  return (
    <p role="alert" className="text-magenta">
      {text}
    </p>
  );
}

/** Changes an experiment: whether that is under way, and what was wrong with the last; "" for nothing. */
export function useAsked(classId: string, experimentId: string) {
  const [wrong, setWrong] = useState("");
  const [busy, start] = useTransition();
  const ask = (change: Change) =>
    start(async () => {
      const reply = await change(classId, experimentId);
      setWrong(reply?.kind === "fault" ? schoolFaults[reply.fault] : "");
    });
  return { wrong, busy, ask };
}
