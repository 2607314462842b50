"use client";

import Link from "next/link";
import type { PersonKind } from "@/protocol/accounts";
import { accountWords } from "@/wording/accounts";
import { classWords } from "@/wording/classes";
import { Licences } from "../parts/Licences";
import { Field, Input, Label } from "@headlessui/react";
import { type ComponentProps, useActionState } from "react";
import { useRouter } from "next/navigation";
import { Button } from "../parts/Button";
import { useTied } from "../parts/formProblem";
import { useLive } from "../parts/useLive";
import { signIn } from "./signIn";

interface Props {
  demoAccounts: readonly {
    signInName: string;
    name: string;
    password: string;
    kind: PersonKind;
  }[];
  /** Whether a teacher may begin an account here without an invitation. */
  register: boolean;
}

const inputLook = "border-hairline mt-0.5 h-9 w-full rounded-md border bg-white px-2 text-base";

function DemoAccounts({ accounts }: { accounts: Props["demoAccounts"] }) {
  if (accounts.length === 0) return null;
  return (
    <section className="border-hairline mt-6 border-t pt-4">
      <h2 className="font-serif text-base font-semibold">Accounts of this demo</h2>
      <table className="mt-1 w-full">
        <thead className="text-soft text-left text-xs">
          <tr>
            <th className="py-1 font-normal">name</th>
            <th className="font-normal">password</th>
            <th>
              <span className="sr-only">{accountWords.kind}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {accounts.map(({ signInName, password, kind }) => (
            <tr key={signInName} className="border-hairline border-t">
              <td className="py-1">{signInName}</td>
              <td>{password}</td>
              <td className="text-soft text-right">{accountWords.kinds[kind]}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

const problemId = "sign-in-problem";

/** Whether somebody comes from the page on which they were joining a class, whose code stands behind the #. */
const joining = () => window.location.search === "?then=join";

function backToClass(): void {
  const { origin, hash } = window.location;
  window.location.replace(new URL(`/join${hash}`, origin));
}

interface DoorFieldProps extends ComponentProps<"input"> {
  label: string;
  wrong: boolean;
}

/** A field of the door, tied to what was wrong. */
function DoorField({ label, wrong, ...props }: DoorFieldProps) {
  const field = useTied(wrong ? problemId : undefined);
  return (
    <Field>
      <Label className="text-soft">{label}</Label>
      <Input {...props} ref={field} invalid={wrong} required className={inputLook} />
    </Field>
  );
}

/** Name, password, and what was wrong with them. */
function Fields({ message, busy }: { message: string | undefined; busy: boolean }) {
  const live = useLive();
  const wrong = message !== undefined;
  return (
    <>
      <DoorField label="Name" wrong={wrong} name="name" autoComplete="username" autoFocus />
      <DoorField
        label="Password"
        wrong={wrong}
        name="password"
        type="password"
        autoComplete="current-password"
      />
      <p role="alert" id={problemId} className="text-magenta min-h-5">
        {message}
      </p>
      <Button
        look="main"
        type="submit"
        disabled={busy || !live}
        className="h-9 justify-center text-base!"
      >
        Sign in
      </Button>
    </>
  );
}

/** The door: a name, a password, and in the demo the accounts to use. */
export function SignInPage({ demoAccounts, register }: Props) {
  const router = useRouter();
  const [message, submit, busy] = useActionState(async (_: string | undefined, form: FormData) => {
    const sentence = await signIn(form);
    if (sentence === undefined && joining()) backToClass();
    else if (sentence === undefined) router.replace("/shelf");
    return sentence;
  }, undefined);
  return (
    <div className="min-h-screen">
      <div aria-hidden className="bg-boxwood border-boxwood-edge h-3 border-b" />
      <main className="bg-page border-magenta mx-auto mt-16 max-w-sm border-l-2 p-8">
        <h1 className="font-serif text-xl font-semibold">Fathom Rule</h1>
        <p className="text-soft mt-1">Readings in, a graph with its slope and uncertainty out.</p>
        <form action={submit} className="mt-5 flex flex-col gap-3">
          <Fields message={message} busy={busy} />
        </form>
        <p className="mt-4">
          <Link href="/join" className="text-petrol font-semibold underline">
            {classWords.join.open}
          </Link>
        </p>
        {register && (
          <p className="mt-1">
            <Link href="/register" className="text-petrol font-semibold underline">
              {accountWords.fresh.open}
            </Link>
          </p>
        )}
        <DemoAccounts accounts={demoAccounts} />
        <Licences />
      </main>
    </div>
  );
}
