"use client";

import { shelfTexts } from "@/wording/shelfTexts";
import Link from "next/link";
import { useState, useTransition } from "react";
import type { SchoolReply } from "@/protocol/accounts";
import type { OwnExperiment } from "@/protocol/classes";
import { schoolFaults } from "@/wording/accounts";
import { benchWords } from "@/wording/benches";
import { shelfWords } from "@/wording/shelf";
import { AccountForm } from "../account/AccountForm";
import { Button } from "../parts/Button";
import { RowMenu } from "../parts/RowMenu";
import { TextField } from "../parts/TextField";
import { useLive } from "../parts/useLive";
import { Moment } from "../parts/Moment";
import { OpensHere } from "../offline/KeptHere";
import { Thumbnail } from "./Thumbnail";

const words = benchWords.shelf;

/** What students do where they find their benches themselves. */
export interface FindingBenches {
  readonly begin: (experimentId: string) => Promise<SchoolReply>;
  readonly join: (experimentId: string, word: string) => Promise<SchoolReply>;
  readonly leave: (experimentId: string) => Promise<SchoolReply>;
}

interface Props {
  experiments: readonly OwnExperiment[];
  finding: FindingBenches;
}

/** An experiment without a bench: one is begun, or another's is found by its word. */
function Finding({ id, finding }: { id: string; finding: FindingBenches }) {
  const [word, setWord] = useState("");
  const [wrong, setWrong] = useState("");
  const [busy, start] = useTransition();
  const live = useLive();
  const begin = () =>
    start(async () => {
      const reply = await finding.begin(id);
      setWrong(reply.kind === "fault" ? schoolFaults[reply.fault] : "");
    });
  return (
    <div className="flex flex-wrap items-start gap-x-6 gap-y-2 px-2 pb-3">
      <div className="pt-5">
        <Button disabled={busy || !live} onClick={begin}>
          {words.begin}
        </Button>
        <p role="alert" className="text-magenta">
          {wrong}
        </p>
      </div>
      <AccountForm act={words.join} done="" change={() => finding.join(id, word)}>
        <TextField label={words.word} value={word} onChange={setWord} className="w-48" />
      </AccountForm>
    </div>
  );
}

function Heading({ title, below }: { title: string; below: string }) {
  return (
    <span className="min-w-0 flex-1 basis-44">
      <span className="block font-serif text-[17px] font-semibold wrap-anywhere">{title}</span>
      <span className="text-soft block wrap-anywhere">{below}</span>
    </span>
  );
}

function AllBenches({ id }: { id: string }) {
  return (
    <Link
      href={`/overview/${id}`}
      prefetch={false}
      className="text-petrol shrink-0 px-2 font-semibold underline"
    >
      {shelfWords.allBenches}
    </Link>
  );
}

function Entry({ one, finding }: { one: OwnExperiment; finding: FindingBenches }) {
  const { id, title, className, ownBenches, shown, bench } = one;
  if (!bench) {
    return (
      <li>
        <div className="px-2 py-2">
          <Heading
            title={title}
            below={ownBenches ? className : `${className} · ${words.waiting}`}
          />
        </div>
        {ownBenches && <Finding id={id} finding={finding} />}
        {shown && <AllBenches id={id} />}
      </li>
    );
  }
  const { number, others, investigation, changedAt, word } = bench;
  const where = `${className} · ${benchWords.bench({ number })}, ${words.with(others)}`;
  const below = ownBenches ? `${where}. ${words.tell({ word })}` : where;
  const leave = { label: words.leave, run: () => void finding.leave(id) };
  return (
    <li className="hover:bg-wash flex items-center pr-1">
      <Link
        href={`/investigation/${investigation}/measure`}
        prefetch={false}
        className="flex min-w-0 flex-1 flex-wrap items-center gap-x-4 px-2 py-2"
      >
        <Thumbnail id={investigation} changedAt={changedAt} />
        <Heading title={title} below={below} />
        <OpensHere id={investigation} />
        <span className="text-soft shrink-0">
          {shelfTexts.changed} <Moment at={changedAt} />
        </span>
      </Link>
      {shown && <AllBenches id={id} />}
      {ownBenches && <RowMenu label={words.actsOf({ title })} acts={[leave]} />}
    </li>
  );
}

/** The experiments of a student's classes, with the benches where they sit. */
export function OwnBenches({ experiments, finding }: Props) {
  if (experiments.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="font-serif text-lg font-semibold">{words.title}</h2>
      <ul className="divide-hairline border-hairline mt-2 divide-y border-y">
        {experiments.map((one) => (
          <Entry key={one.id} one={one} finding={finding} />
        ))}
      </ul>
    </section>
  );
}
