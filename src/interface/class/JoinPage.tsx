"use client";

import Link from "next/link";
import { useEffect, useState } from "react";
import type { SchoolReply } from "@/protocol/accounts";
import { schoolFaults } from "@/wording/accounts";
import { classWords } from "@/wording/classes";
import { AccountForm } from "../account/AccountForm";
import { beginAccount, nameOfClass } from "../account/newAccount";
import { NewAccountFields } from "../account/NewAccountFields";
import { thenToShelf } from "../account/thenToShelf";
import { DoorPage } from "../parts/DoorPage";
import { TextField } from "../parts/TextField";

const words = classWords.join;

interface Props {
  /** Who is signed in, if anybody is. */
  person: { name: string } | undefined;
  join: (code: string) => Promise<SchoolReply>;
}

interface Found {
  readonly code: string;
  readonly name: string;
}

const link = "text-petrol mt-4 inline-block font-semibold underline";

/** The code as it is typed, or as a link brings it behind its #. */
function CodeField({ found }: { found: (one: Found) => void }) {
  const [code, setCode] = useState("");
  const look = async (typed: string): Promise<SchoolReply> => {
    const reply = await nameOfClass(typed);
    if ("fault" in reply) return { kind: "fault", fault: reply.fault };
    found({ code: typed, name: reply.name });
    return { kind: "done" };
  };
  return (
    <AccountForm main act={words.look} done="" change={() => look(code)}>
      <TextField label={words.code} value={code} onChange={setCode} placeholder={words.example} />
    </AccountForm>
  );
}

/** Where a student joins a class: with an account that is there, or with a new one. */
export function JoinPage({ person, join }: Props) {
  const [found, setFound] = useState<Found>();
  const [wrong, setWrong] = useState("");
  useEffect(() => {
    const code = decodeURIComponent(window.location.hash.slice(1));
    if (code === "") return;
    void nameOfClass(code).then((reply) => {
      if ("name" in reply) setFound({ code, name: reply.name });
      else setWrong(schoolFaults[reply.fault]);
    });
  }, []);
  if (!found) {
    return (
      <DoorPage title={words.open}>
        {wrong && (
          <p role="alert" className="mt-2">
            {wrong}
          </p>
        )}
        <CodeField found={setFound} />
      </DoorPage>
    );
  }
  return (
    <DoorPage title={words.joins({ name: found.name })}>
      {person ? (
        <AccountForm
          main
          act={words.as({ name: person.name })}
          done={words.joined}
          change={() => thenToShelf(join(found.code))}
        >
          {null}
        </AccountForm>
      ) : (
        <>
          <p className="text-soft mt-1">{words.fresh}</p>
          <NewAccountFields
            given=""
            act={words.begin}
            begin={(wanted) => beginAccount(wanted, { code: found.code })}
          />
          <Link href={`/sign-in?then=join#${encodeURIComponent(found.code)}`} className={link}>
            {words.known}
          </Link>
        </>
      )}
    </DoorPage>
  );
}
