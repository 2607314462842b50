"use client";

import { useState, useTransition } from "react";
import type { CopyEntry, DaysOfCopy, WantedCopy } from "@/protocol/copies";
import { daysOfCopies } from "@/protocol/copies";
import { copyWords as words } from "@/wording/copies";
import { untitled } from "@/wording/untitled";
import { AccountForm } from "../account/AccountForm";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { LinkOnce } from "../parts/LinkOnce";
import { PlainHeader } from "../parts/PlainHeader";
import { useLive } from "../parts/useLive";
import { Moment } from "../parts/Moment";

interface Props {
  person: { id: string; name: string };
  investigation: { id: string; title: string };
  copies: readonly CopyEntry[];
  make: (id: string, wanted: WantedCopy) => Promise<string>;
  revoke: (id: string, copyId: string) => Promise<void>;
  signOut: () => Promise<void>;
}

interface MakeProps extends Pick<Props, "investigation" | "make"> {
  onMade: () => void;
}

function Make({ investigation, make, onMade }: MakeProps) {
  const [shows, setShows] = useState<"live" | "fixed">("fixed");
  const [days, setDays] = useState<`${DaysOfCopy}`>("30");
  const [link, setLink] = useState<string>();
  const change = async () => {
    const wanted = { live: shows === "live", days: Number(days) as DaysOfCopy };
    const token = await make(investigation.id, wanted);
    setLink(`${window.location.origin}/read#${token}`);
    onMade();
    return { kind: "done" } as const;
  };
  return (
    <>
      <AccountForm main act={words.make} done="" change={change}>
        <div className="grid gap-3 sm:grid-cols-2">
          <Choice
            label={words.shows}
            value={shows}
            options={[
              { value: "fixed", label: words.fixed },
              { value: "live", label: words.live },
            ]}
            onChange={setShows}
          />
          <Choice
            label={words.runsOut}
            value={days}
            options={daysOfCopies.map((one) => ({
              value: `${one}` as const,
              label: words.days[one],
            }))}
            onChange={setDays}
          />
        </div>
      </AccountForm>
      {link && <LinkOnce key={link} link={link} words={{ ...words, said: words.made }} />}
    </>
  );
}

function Entry({ copy, revoke, index }: { copy: CopyEntry; index: number; revoke: () => void }) {
  const { live, madeAt, expiresAt, over, openings } = copy;
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 py-2">
      <span className={`mr-auto ${over ? "text-soft" : ""}`}>
        {live ? words.entryLive : words.entryFixed} · {words.madeAt} <Moment at={madeAt} />
        {expiresAt && !over && (
          <>
            {" "}
            · {words.until} <Moment at={expiresAt} />
          </>
        )}{" "}
        · {words.times({ count: openings })}
      </span>
      {over ? (
        <span className="text-soft">{words.over[over]}</span>
      ) : (
        <Button aria-label={words.revokeOf({ index })} onClick={revoke}>
          {words.revoke}
        </Button>
      )}
    </li>
  );
}

/** The links that read an investigation: made, counted and revoked. */
export function CopiesPage({ person, investigation, copies, make, revoke, signOut }: Props) {
  const [busy, start] = useTransition();
  const [made, setMade] = useState(false);
  const live = useLive();
  return (
    <div className="min-h-screen">
      <PlainHeader person={person} signOut={signOut} back={words.back} />
      <main className="bg-page mx-auto min-h-[calc(100vh-58px)] max-w-3xl px-8 py-6">
        <h1 className="font-serif text-xl font-semibold wrap-anywhere">
          {words.title({ title: investigation.title || untitled() })}
        </h1>
        <p className="text-soft mt-1">{words.text}</p>
        <Make investigation={investigation} make={make} onMade={() => setMade(true)} />
        <h2 className="mt-6 font-serif text-lg font-semibold">{words.list}</h2>
        {copies.length === 0 && !made && <p className="text-soft mt-1">{words.none}</p>}
        <ul className="divide-hairline divide-y">
          {copies.map((copy, i) => (
            <Entry
              key={copy.id}
              copy={copy}
              index={copies.length - i}
              revoke={() => live && !busy && start(async () => revoke(investigation.id, copy.id))}
            />
          ))}
        </ul>
      </main>
    </div>
  );
}
