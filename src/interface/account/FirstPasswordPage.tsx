"use client";

import type { SchoolReply } from "@/protocol/accounts";
import { accountWords } from "@/wording/accounts";
import { DoorPage } from "../parts/DoorPage";
import { AccountForm, textOf } from "./AccountForm";
import { PasswordField } from "./PasswordField";
import { thenToShelf } from "./thenToShelf";

const words = accountWords.first;

interface Props {
  name: string;
  change: (fresh: string) => Promise<SchoolReply>;
}

/** Where a password that was given is changed. */
export function FirstPasswordPage({ name, change }: Props) {
  const go = (form: FormData) => thenToShelf(change(textOf(form, "fresh")));
  return (
    <DoorPage title={words.title({ name })}>
      <p className="text-soft mt-1">{words.text}</p>
      <AccountForm main act={words.change} done="" change={go}>
        <PasswordField
          label={accountWords.password.fresh}
          name="fresh"
          kind="new-password"
          hint={accountWords.password.hint}
        />
      </AccountForm>
    </DoorPage>
  );
}
