"use client";

import { useState } from "react";
import type { AccountReply, InvitationReply } from "@/protocol/accounts";
import { accountWords } from "@/wording/accounts";
import { Button } from "../parts/Button";
import { TextField } from "../parts/TextField";
import { AccountForm } from "./AccountForm";

const words = accountWords.invite;

function Link({ name, link }: { name: string; link: string }) {
  const [copied, setCopied] = useState(false);
  const copy = () => void navigator.clipboard.writeText(link).then(() => setCopied(true));
  return (
    <div className="bg-wash mt-3 px-3 py-2">
      <p>{words.made(name)}</p>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <input
          readOnly
          aria-label={words.link}
          value={link}
          onFocus={(event) => event.currentTarget.select()}
          className="border-hairline h-8 min-w-0 flex-1 rounded-md border bg-white px-2 text-sm"
        />
        <Button onClick={copy}>{words.copy}</Button>
        <span role="status">{copied && words.copied}</span>
      </div>
    </div>
  );
}

/** A link for a further teacher, shown once. */
export function InviteTeacher({ invite }: { invite: (name: string) => Promise<InvitationReply> }) {
  const [name, setName] = useState("");
  const [made, setMade] = useState<{ name: string; link: string }>();
  const make = async (): Promise<AccountReply> => {
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
      {made && <Link {...made} />}
    </>
  );
}
