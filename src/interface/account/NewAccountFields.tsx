"use client";

import { useState } from "react";
import type { SchoolReply, NewAccount } from "@/protocol/accounts";
import { accountWords } from "@/wording/accounts";
import { TextField } from "../parts/TextField";
import { AccountForm, textOf } from "./AccountForm";
import { PasswordField } from "./PasswordField";
import { thenToShelf } from "./thenToShelf";

const words = accountWords.fresh;

interface Props {
  /** The name that is proposed for others to see. */
  given: string;
  act: string;
  begin: (wanted: NewAccount) => Promise<SchoolReply>;
}

/** What somebody chooses who begins an account; the shelf opens once it is there. */
export function NewAccountFields({ given, act, begin }: Props) {
  const [name, setName] = useState(given);
  const [signInName, setSignInName] = useState("");
  const go = (form: FormData) =>
    thenToShelf(begin({ name, signInName, password: textOf(form, "password") }));
  return (
    <AccountForm main act={act} done="" change={go}>
      <TextField label={words.name} value={name} onChange={setName} />
      <TextField label={words.signInName} value={signInName} onChange={setSignInName} />
      <PasswordField
        label={words.password}
        name="password"
        kind="new-password"
        hint={accountWords.password.hint}
      />
    </AccountForm>
  );
}
