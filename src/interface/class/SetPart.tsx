"use client";

import { useState } from "react";
import type { OpenedClass } from "@/protocol/classes";
import { benchWords } from "@/wording/benches";
import { shelfWords } from "@/wording/shelf";
import { untitled } from "@/wording/untitled";
import { AccountForm } from "../account/AccountForm";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import type { BenchChanges } from "./classChanges";

const words = benchWords.set;

/** What a teacher can set: an investigation of theirs, or a brief. */
export interface OwnInvestigation {
  readonly id: string;
  readonly title: string;
  readonly isBrief: boolean;
}

interface Props {
  opened: OpenedClass;
  own: readonly OwnInvestigation[];
  set: BenchChanges["set"];
}

function BriefName({ title }: { title: string }) {
  return (
    <>
      {title} <span className="text-moss">· {shelfWords.brief}</span>
    </>
  );
}

/** Where a class is set an experiment. */
export function SetPart({ opened, own, set }: Props) {
  const [title, setTitle] = useState("");
  const [from, setFrom] = useState("");
  const briefsFirst = own.toSorted((a, b) => Number(b.isBrief) - Number(a.isBrief));
  const options = [
    { value: "", label: words.empty },
    ...briefsFirst.map(({ id, title: named, isBrief }) => ({
      value: id,
      label: isBrief ? <BriefName title={named || untitled()} /> : named || untitled(),
    })),
  ];
  const choose = (id: string) => {
    setFrom(id);
    const chosen = own.find((one) => one.id === id);
    if (chosen && title.trim() === "") setTitle(chosen.title);
  };
  return (
    <div className="max-w-lg">
      <h2 className="font-serif text-lg font-semibold">{words.title}</h2>
      <p className="text-soft mt-1">{words.text}</p>
      <AccountForm main act={words.doIt} done="" change={() => set(opened.id, title, from)}>
        <TextField label={words.name} value={title} onChange={setTitle} />
        <div>
          <Choice label={words.begins} value={from} options={options} onChange={choose} />
          <p className="text-soft mt-1 text-xs">{words.note}</p>
        </div>
      </AccountForm>
    </div>
  );
}
