"use client";

import { useState } from "react";
import type { OpenedClass } from "@/protocol/classes";
import { benchWords } from "@/wording/benches";
import { untitled } from "@/wording/untitled";
import { AccountForm } from "../account/AccountForm";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import type { BenchChanges } from "./classChanges";

const words = benchWords.set;

interface Props {
  opened: OpenedClass;
  own: readonly { readonly id: string; readonly title: string }[];
  set: BenchChanges["set"];
}

/** Where a class is set an experiment. */
export function SetPart({ opened, own, set }: Props) {
  const [title, setTitle] = useState("");
  const [from, setFrom] = useState("");
  const options = [
    { value: "", label: words.empty },
    ...own.map((one) => ({ value: one.id, label: one.title || untitled })),
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
