"use client";

import Link from "next/link";
import { useEffect, useState } from "react";
import type { AccountFault } from "@/protocol/accounts";
import { accountFaults, accountWords } from "@/wording/accounts";
import { TextField } from "../parts/TextField";
import { AccountForm, textOf } from "./AccountForm";
import { beginAccount, nameInvited } from "./newAccount";
import { PasswordField } from "./PasswordField";

const words = accountWords.fresh;

type Invitation =
  | { readonly kind: "looking" }
  | { readonly kind: "good"; readonly name: string; readonly token: string | undefined }
  | { readonly kind: "gone"; readonly fault: AccountFault };

/** What the address holds behind its #; for a server that is open to all there is nothing to look for. */
function useInvitation(invited: boolean): Invitation {
  const [found, setFound] = useState<Invitation>(
    invited ? { kind: "looking" } : { kind: "good", name: "", token: undefined },
  );
  useEffect(() => {
    if (!invited) return;
    const token = window.location.hash.slice(1);
    void nameInvited(token).then((reply) =>
      setFound(
        "name" in reply
          ? { kind: "good", name: reply.name, token }
          : { kind: "gone", fault: reply.fault },
      ),
    );
  }, [invited]);
  return found;
}

function Fields({ name: given, token }: { name: string; token: string | undefined }) {
  const [name, setName] = useState(given);
  const [signInName, setSignInName] = useState("");
  const begin = async (form: FormData) => {
    const reply = await beginAccount(
      { name, signInName, password: textOf(form, "password") },
      token,
    );
    if (reply.kind === "done") window.location.replace(new URL("/shelf", window.location.href));
    return reply;
  };
  return (
    <AccountForm main act={words.begin} done="" change={begin}>
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

/** Where somebody begins an account: by an invitation, or on a server that is open to all teachers. */
export function NewAccountPage({ invited }: { invited: boolean }) {
  const invitation = useInvitation(invited);
  return (
    <div className="min-h-screen">
      <div aria-hidden className="bg-boxwood border-boxwood-edge h-3 border-b" />
      <main className="bg-page border-magenta mx-auto mt-16 max-w-md border-l-2 p-8">
        {invitation.kind === "looking" && <p role="status">{words.looking}</p>}
        {invitation.kind === "gone" && (
          <>
            <h1 className="font-serif text-xl font-semibold">Fathom Rule</h1>
            <p role="alert" className="mt-2">
              {accountFaults[invitation.fault]}
            </p>
            <Link href="/sign-in" className="text-petrol mt-4 inline-block font-semibold underline">
              {words.toSignIn}
            </Link>
          </>
        )}
        {invitation.kind === "good" && (
          <>
            <h1 className="font-serif text-xl font-semibold">
              {invited ? words.invited(invitation.name) : words.open}
            </h1>
            <p className="text-soft mt-1">{words.text}</p>
            <Fields name={invitation.name} token={invitation.token} />
          </>
        )}
      </main>
    </div>
  );
}
