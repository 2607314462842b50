"use client";

import Link from "next/link";
import { type ReactNode, useState, useTransition } from "react";
import type { OpenedClass } from "@/protocol/classes";
import { classWords as words } from "@/wording/classes";
import { AccountForm } from "../account/AccountForm";
import { Button } from "../parts/Button";
import { OwnName } from "../parts/OwnName";
import { SignOut } from "../parts/SignOut";
import { TextField } from "../parts/TextField";
import type { ClassChanges } from "./classChanges";
import { JoiningNote } from "./JoiningNote";
import { PeopleTable } from "./PeopleTable";

interface Props {
  person: { id: string; name: string };
  opened: OpenedClass;
  changes: ClassChanges;
  signOut: () => Promise<void>;
}

function Note({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-hairline border-b py-4 first:pt-0 last:border-0">
      <h2 className="font-serif text-base font-semibold">{title}</h2>
      {children}
    </section>
  );
}

function Settings({ opened, changes }: Pick<Props, "opened" | "changes">) {
  const [name, setName] = useState(opened.name);
  const [busy, start] = useTransition();
  const { id, archived } = opened;
  const toggle = () => start(async () => void (await changes.archive(id, !archived)));
  return (
    <>
      <AccountForm
        act={words.settings.rename}
        done={words.settings.renamed}
        change={() => changes.name(id, name)}
      >
        <TextField label={words.name} value={name} onChange={setName} />
      </AccountForm>
      <Button className="mt-3" look="quiet" disabled={busy} onClick={toggle}>
        {archived ? words.settings.takeUp : words.settings.putBy}
      </Button>
    </>
  );
}

/** A class for its teachers: its people on the page, joining and the class itself in the margin. */
export function ClassPage({ person, opened, changes, signOut }: Props) {
  const students = opened.people.filter(({ role }) => role === "student").length;
  return (
    <div className="flex min-h-screen flex-col">
      <header className="flex min-h-[46px] flex-wrap items-center gap-x-3 gap-y-1 px-5 py-1.5">
        <Link href="/shelf" title={words.toShelf} className="font-serif text-[17px] font-semibold">
          Fathom Rule
        </Link>
        <h1 className="font-semibold wrap-anywhere">{opened.name}</h1>
        <span className="text-soft mr-auto">
          {words.students(students)}
          {opened.archived && ` · ${words.putBy}`}
        </span>
        <OwnName name={person.name} />
        <SignOut personId={person.id} signOut={signOut} />
      </header>
      <div aria-hidden className="bg-boxwood border-boxwood-edge h-3 border-y" />
      <div className="flex flex-1 max-[900px]:flex-col">
        <main className="bg-page flex-1 px-6 py-5">
          <h2 className="font-serif text-lg font-semibold">{words.people.title}</h2>
          {students === 0 && <p className="text-soft mt-1">{words.people.none}</p>}
          <PeopleTable opened={opened} changes={changes} />
        </main>
        <aside
          aria-label={words.settings.title}
          className="border-magenta w-[368px] shrink-0 border-l-2 px-6 py-5 max-[900px]:w-full max-[900px]:border-t-2 max-[900px]:border-l-0"
        >
          <Note title={words.joining.title}>
            <JoiningNote opened={opened} changes={changes} />
          </Note>
          <Note title={words.settings.title}>
            <Settings opened={opened} changes={changes} />
          </Note>
        </aside>
      </div>
    </div>
  );
}
