"use client";

import { useState } from "react";
import type { AccountReply } from "@/protocol/accounts";
import { accountWords } from "@/wording/accounts";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { useLive } from "../parts/useLive";
import { forgetPerson } from "../store/deviceCopy";
import { sayLeft } from "../store/leaving";
import { AccountForm, textOf } from "./AccountForm";
import { PasswordField } from "./PasswordField";

const words = accountWords.end;

/** The end of an account, asked for twice. */
export function DeleteAccount({ end }: { end: (password: string) => Promise<AccountReply> }) {
  const live = useLive();
  const [open, setOpen] = useState(false);
  const doIt = async (form: FormData) => {
    const reply = await end(textOf(form, "password"));
    if (reply.kind !== "done") return reply;
    await forgetPerson().catch(() => {});
    sayLeft();
    window.location.assign(new URL("/sign-in", window.location.href));
    return reply;
  };
  return (
    <>
      <p className="text-soft mt-1 mb-2">{words.text}</p>
      <Button disabled={!live} onClick={() => setOpen(true)}>
        {words.open}
      </Button>
      <Sheet
        open={open}
        title={words.ask}
        onClose={() => setOpen(false)}
        foot={<Button onClick={() => setOpen(false)}>{words.keep}</Button>}
      >
        <p>{words.text}</p>
        <AccountForm act={words.doIt} done="" change={doIt}>
          <PasswordField label={words.password} name="password" kind="current-password" />
        </AccountForm>
      </Sheet>
    </>
  );
}
