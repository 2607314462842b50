"use client";

import type { SchoolReply } from "@/protocol/accounts";
import { accountWords } from "@/wording/accounts";
import { forgetPerson } from "../store/deviceCopy";
import { sayLeft } from "../store/leaving";
import { textOf } from "./AccountForm";
import { AskedTwice } from "./AskedTwice";
import { PasswordField } from "./PasswordField";

const words = accountWords.end;

/** The end of an account, asked for twice. */
export function DeleteAccount({ end }: { end: (password: string) => Promise<SchoolReply> }) {
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
      <AskedTwice words={{ ...words, title: words.ask }} doIt={doIt}>
        <PasswordField label={words.password} name="password" kind="current-password" />
      </AskedTwice>
    </>
  );
}
