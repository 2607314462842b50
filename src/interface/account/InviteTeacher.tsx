"use client";

import { useState } from "react";
import type { SchoolReply, InvitationReply } from "@/protocol/accounts";
import { accountWords } from "@/wording/accounts";
import { LinkOnce } from "../parts/LinkOnce";
import { TextField } from "../parts/TextField";
import { AccountForm } from "./AccountForm";

const words = accountWords.invite;

/** A link for a further teacher, shown once. */
export function InviteTeacher({ invite }: { invite: (name: string) => Promise<InvitationReply> }) {
  const [name, setName] = useState("");
  const [made, setMade] = useState<{ name: string; link: string }>();
  const make = async (): Promise<SchoolReply> => {
    const reply = await invite(name);
    if (reply.kind === "fault") return reply;
    setMade({ name: name.trim(), link: `${window.location.origin}/invited#${reply.token}` });
    setName("");
    return { kind: "done" };
  };
  return (
    <>
      <AccountForm act={words.make} done="" change={make}>
        <TextField label={words.label} value={name} onChange={setName} className="max-w-sm" />
      </AccountForm>
      {made && (
        <LinkOnce link={made.link} words={{ ...words, said: words.made({ name: made.name }) }} />
      )}
    </>
  );
}
