"use client";

import Link from "next/link";
import { type ReactNode, useState } from "react";
import type { SchoolReply, InvitationReply, OwnSession, PersonKind } from "@/protocol/accounts";
import { accountWords as words } from "@/wording/accounts";
import { PlainHeader } from "../parts/PlainHeader";
import { TextField } from "../parts/TextField";
import { AccountForm, textOf } from "./AccountForm";
import { DeleteAccount } from "./DeleteAccount";
import { InviteTeacher } from "./InviteTeacher";
import { PasswordField } from "./PasswordField";
import { SessionList } from "./SessionList";
import { TakeEverything } from "./TakeEverything";

interface Props {
  person: { id: string; name: string; kind: PersonKind };
  sessions: readonly OwnSession[];
  investigations: readonly { readonly id: string; readonly title: string }[];
  changeName: (name: string) => Promise<SchoolReply>;
  changePassword: (old: string, fresh: string) => Promise<SchoolReply>;
  endSessions: (which: string) => Promise<SchoolReply>;
  deleteAccount: (password: string) => Promise<SchoolReply>;
  invite: (name: string) => Promise<InvitationReply>;
  signOut: () => Promise<void>;
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-hairline mt-6 border-t pt-4">
      <h2 className="font-serif text-base font-semibold">{title}</h2>
      {children}
    </section>
  );
}

function Name({ person, changeName }: Pick<Props, "person" | "changeName">) {
  const [name, setName] = useState(person.name);
  return (
    <AccountForm act={words.name.change} done={words.name.done} change={() => changeName(name)}>
      <TextField label={words.name.label} value={name} onChange={setName} className="max-w-sm" />
    </AccountForm>
  );
}

/** A person's own account: name, password, where they are signed in, all that is theirs, and the end of it. */
export function AccountPage(props: Props) {
  const { person, changePassword } = props;
  return (
    <div className="min-h-screen">
      <PlainHeader person={person} signOut={props.signOut} back={words.toShelf} />
      <main className="bg-page mx-auto min-h-[calc(100vh-58px)] max-w-3xl px-8 py-6">
        <div className="flex flex-wrap items-baseline gap-3">
          <h1 className="font-serif text-xl font-semibold">{words.title}</h1>
          <span className="text-soft mr-auto">
            {person.name}, {words.kinds[person.kind]}
          </span>
          <Link href="/shelf" className="text-petrol font-semibold underline">
            {words.toShelf}
          </Link>
        </div>
        <Part title={words.name.title}>
          <Name {...props} />
        </Part>
        <Part title={words.password.title}>
          <AccountForm
            act={words.password.change}
            done={words.password.done}
            change={(form) => changePassword(textOf(form, "old"), textOf(form, "fresh"))}
          >
            <PasswordField label={words.password.old} name="old" kind="current-password" />
            <PasswordField
              label={words.password.fresh}
              name="fresh"
              kind="new-password"
              hint={words.password.hint}
            />
          </AccountForm>
        </Part>
        <Part title={words.sessions.title}>
          <SessionList sessions={props.sessions} end={props.endSessions} />
        </Part>
        {person.kind === "teacher" && (
          <Part title={words.invite.title}>
            <InviteTeacher invite={props.invite} />
          </Part>
        )}
        <Part title={words.data.title}>
          <TakeEverything investigations={props.investigations} />
        </Part>
        <Part title={words.end.title}>
          <DeleteAccount end={props.deleteAccount} />
        </Part>
      </main>
    </div>
  );
}
