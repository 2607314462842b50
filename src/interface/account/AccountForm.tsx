"use client";

import { type ReactNode, useActionState, useId } from "react";
import type { SchoolReply } from "@/protocol/accounts";
import { schoolFaults } from "@/wording/accounts";
import { Button } from "../parts/Button";
import { FormProblemContext } from "../parts/formProblem";
import { useLive } from "../parts/useLive";

interface Props {
  /** What the button does, and what is said once it is done. */
  act: string;
  done: string;
  change: (form: FormData) => Promise<SchoolReply>;
  /** The one main act of its page. */
  main?: boolean | undefined;
  /** Whether it can't be done yet. */
  barred?: boolean | undefined;
  children: ReactNode;
}

interface Said {
  /** How often something was done: then the fields begin anew. */
  readonly turn: number;
  readonly wrong: boolean;
  /** Whether it lies with what was typed, not with the line or the server. */
  readonly ofFields?: boolean;
  readonly sentence: string;
}

const nothingSaid: Said = { wrong: false, sentence: "", turn: 0 };

/** Fields that are changed together; what came of it stands under them. What is typed before the page lives would be lost. */
export function AccountForm({ act, done, change, main = false, barred = false, children }: Props) {
  const live = useLive();
  const id = useId();
  const [said, submit, busy] = useActionState(async ({ turn }: Said, form: FormData) => {
    const reply = await change(form).catch((): SchoolReply => ({ kind: "fault", fault: "away" }));
    if (reply.kind === "done") return { wrong: false, sentence: done, turn: turn + 1 };
    const { fault } = reply;
    return { wrong: true, ofFields: fault !== "away", sentence: schoolFaults[fault], turn };
  }, nothingSaid);
  return (
    <form action={submit} className="mt-2 flex flex-col items-start gap-3 *:w-full">
      <fieldset
        key={said.turn}
        disabled={!live}
        className="flex min-w-0 flex-col items-start gap-3 *:w-full"
      >
        <FormProblemContext value={said.ofFields ? id : undefined}>{children}</FormProblemContext>
      </fieldset>
      <div className="flex flex-wrap items-center gap-3">
        <Button type="submit" look={main ? "main" : "plain"} disabled={busy || !live || barred}>
          {act}
        </Button>
        <p
          id={id}
          role={said.wrong ? "alert" : "status"}
          className={said.wrong ? "text-magenta" : ""}
        >
          {said.sentence}
        </p>
      </div>
    </form>
  );
}

/** A text that a form was sent with. */
export function textOf(form: FormData, name: string): string {
  const text = form.get(name);
  return typeof text === "string" ? text : "";
}
