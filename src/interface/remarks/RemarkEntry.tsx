"use client";

import { MapPin } from "lucide-react";
import { nanoid } from "nanoid";
import { useState } from "react";
import { type Remark, remarkLimits } from "@/protocol/remarks";
import { remarkWords as words } from "@/wording/remarks";
import { Button } from "../parts/Button";
import { TextArea } from "../parts/TextArea";
import { Tick } from "../parts/Tick";
import { placeAttribute } from "../together/usePresence";
import { OnWhat } from "./Composer";
import { useRemarks } from "./RemarksProvider";

/** Brings what a remark is on into sight, and to it the focus where that can be. */
function showPlace(place: string): void {
  const found = document.querySelector<HTMLElement>(`[${placeAttribute}="${CSS.escape(place)}"]`);
  found?.scrollIntoView({ block: "center" });
  found?.focus?.();
}

function Answers({ remark }: { remark: Remark }) {
  if (remark.answers.length === 0) return null;
  return (
    <ul className="border-hairline mt-1 border-l-2 pl-2">
      {remark.answers.map(({ id, by, text }) => (
        <li key={id}>
          <span className="text-soft">{by}: </span>
          <span className="whitespace-pre-line">{text}</span>
        </li>
      ))}
    </ul>
  );
}

/** Where a bench answers, and marks a remark as done. */
function BenchActs({ remark }: { remark: Remark }) {
  const { change } = useRemarks();
  const [text, setText] = useState<string>();
  const said = text?.trim() ?? "";
  const send = async () => {
    if (said === "") return;
    setText(undefined);
    const done = await change({ kind: "answer", id: nanoid(12), remark: remark.id, text: said });
    if (!done) setText(said);
  };
  const { id, done } = remark;
  return (
    <div className="mt-1">
      <div className="flex flex-wrap items-center gap-3">
        <Tick
          label={words.done}
          checked={done}
          onChange={(on) => void change({ kind: "done", id, done: on })}
        />
        {text === undefined && (
          <Button look="quiet" aria-label={words.answer.label({ text: remark.text })} onClick={() => setText("")}>
            {words.answer.send}
          </Button>
        )}
      </div>
      {text !== undefined && (
        <div className="mt-1">
          <TextArea label={words.answer.field} value={text} rows={2} maxLength={remarkLimits.letters} onChange={setText} />
          <div className="mt-1 flex gap-1.5">
            <Button disabled={said === ""} onClick={() => void send()}>{words.answer.send}</Button>
            <Button look="quiet" onClick={() => setText(undefined)}>{words.leave}</Button>
          </div>
        </div>
      )}
    </div>
  );
} // prettier-ignore

/** Where a teacher changes a remark, or takes it away. */
function TeacherActs({ remark: { id, text, shown, done } }: { remark: Remark }) {
  const { change } = useRemarks();
  const [typed, setTyped] = useState<string>();
  const said = typed?.trim() ?? "";
  const reword = () => {
    setTyped(undefined);
    void change({ kind: "reword", id, text: said });
  };
  if (typed !== undefined) {
    return (
      <div className="mt-1">
        <TextArea label={words.field} value={typed} maxLength={remarkLimits.letters} onChange={setTyped} />
        <div className="mt-1 flex gap-1.5">
          <Button disabled={said === ""} onClick={reword}>{words.rewordDone}</Button>
          <Button look="quiet" onClick={() => setTyped(undefined)}>{words.leave}</Button>
        </div>
      </div>
    );
  }
  return (
    <div className="flex flex-wrap items-center gap-x-1">
      {done && <span className="text-moss mr-2 font-semibold">{words.isDone}</span>}
      {!shown && <span className="text-soft mr-auto text-xs">{words.unseen}</span>}
      <Button look="quiet" onClick={() => setTyped(text)}>{words.reword}</Button>
      <Button look="quiet" onClick={() => void change({ kind: "remove", id })}>{words.remove}</Button>
    </div>
  );
} // prettier-ignore

/** A remark with what it is on, its answers, and what can be done with it. */
export function RemarkEntry({ remark, number }: { remark: Remark; number: number }) {
  const { teacher } = useRemarks();
  const { place, text, done, by } = remark;
  return (
    <li className={`border-l-2 py-1 pl-2.5 ${done ? "border-hairline text-soft" : "border-moss"}`}>
      <p className="flex flex-wrap items-baseline gap-x-1.5">
        <span className="text-moss font-semibold">{number}</span>
        <span className="text-moss font-semibold">
          <OnWhat place={remark} />
        </span>
        {place !== "" && (
          <button
            type="button"
            title={words.show}
            aria-label={`${words.show}: ${text}`}
            onClick={() => showPlace(place)}
            className="text-moss self-center"
          >
            <MapPin aria-hidden size={14} />
          </button>
        )}
        {!teacher && by !== "" && <span className="text-soft ml-auto text-xs">{by}</span>}
      </p>
      <p className="wrap-anywhere whitespace-pre-line">{text}</p>
      <Answers remark={remark} />
      {teacher ? <TeacherActs remark={remark} /> : <BenchActs remark={remark} />}
    </li>
  );
}
