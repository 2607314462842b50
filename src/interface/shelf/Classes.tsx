"use client";

import Link from "next/link";
import { useState } from "react";
import type { SchoolReply } from "@/protocol/accounts";
import type { ClassEntry } from "@/protocol/classes";
import { classWords as words } from "@/wording/classes";
import { AccountForm } from "../account/AccountForm";
import { ownTimeZone } from "../parts/timeZone";
import { TextField } from "../parts/TextField";

interface Props {
  classes: readonly ClassEntry[];
  teaches: boolean;
  make: (name: string, timeZone: string) => Promise<SchoolReply>;
}

function Entry({ id, name, archived, students, role }: ClassEntry) {
  const shown = <span className="font-serif text-[17px] font-semibold wrap-anywhere">{name}</span>;
  return (
    <li className="flex flex-wrap items-baseline justify-between gap-x-4 px-2 py-2">
      {role === "teacher" ? (
        <Link href={`/class/${id}`} prefetch={false} className="min-w-0 hover:underline">
          {shown}
        </Link>
      ) : (
        shown
      )}
      <span className="text-soft">
        {role === "teacher" && words.students({ count: students })}
        {archived && ` · ${words.putBy}`}
      </span>
    </li>
  );
}

function Make({ make }: Pick<Props, "make">) {
  const [name, setName] = useState("");
  return (
    <AccountForm act={words.make} done="" change={() => make(name, ownTimeZone())}>
      <TextField label={words.name} value={name} onChange={setName} className="max-w-64" />
    </AccountForm>
  );
}

/** The classes of a person: a teacher's lead to their pages, and a further one is made. */
export function Classes({ classes, teaches, make }: Props) {
  return (
    <section className="mt-8">
      <h2 className="font-serif text-lg font-semibold">{words.classes}</h2>
      {classes.length > 0 && (
        <ul className="divide-hairline border-hairline mt-2 divide-y border-y">
          {classes.map((one) => (
            <Entry key={one.id} {...one} />
          ))}
        </ul>
      )}
      {teaches ? (
        <Make make={make} />
      ) : (
        <Link href="/join" className="text-petrol mt-2 inline-block font-semibold underline">
          {words.join.open}
        </Link>
      )}
    </section>
  );
}
