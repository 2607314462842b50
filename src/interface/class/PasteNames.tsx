"use client";

import { useId, useState } from "react";
import {
  type GivenAccount,
  mostNamesAtOnce,
  type NamesReply,
  type OpenedClass,
} from "@/protocol/classes";
import { schoolFaults } from "@/wording/accounts";
import { classWords } from "@/wording/classes";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { useLive } from "../parts/useLive";
import { FirstPasswords } from "./FirstPasswords";
import { mostNames, type PastedNames, readNames } from "./pastedNames";

const words = classWords.list;

interface Props {
  opened: OpenedClass;
  begin: (id: string, names: string[]) => Promise<NamesReply>;
}

/** Begins accounts a few at once; what is still to come stays in the list. */
function useBeginning({ opened, begin }: Props) {
  const [text, setText] = useState("");
  const [begun, setBegun] = useState<readonly GivenAccount[]>([]);
  const [of, setOf] = useState(0);
  const [wrong, setWrong] = useState("");
  const start = async (names: readonly string[]) => {
    setWrong("");
    setOf(names.length);
    for (let at = 0; at < names.length; at += mostNamesAtOnce) {
      const some = names.slice(at, at + mostNamesAtOnce);
      const reply = await begin(opened.id, some).catch((): NamesReply => ({
        kind: "fault",
        fault: "away",
      }));
      if (reply.kind === "fault") {
        setWrong(schoolFaults[reply.fault]);
        break;
      }
      setBegun((before) => [...before, ...reply.accounts]);
      setText(names.slice(at + some.length).join("\n"));
    }
    setOf(0);
  };
  return { text, setText, begun, setBegun, of, wrong, setWrong, start };
}

interface ListProps {
  text: string;
  onChange: (text: string) => void;
  busy: boolean;
  read: PastedNames;
}

/** The list as it was pasted, with what is left out of it and why. */
function NameList({ text, onChange, busy, read: { names, doubles, long } }: ListProps) {
  const id = useId();
  return (
    <>
      <label htmlFor={id}>{words.text}</label>
      <textarea
        id={id}
        rows={10}
        dir="auto"
        value={text}
        readOnly={busy}
        aria-describedby={`${id}-said`}
        onChange={(event) => onChange(event.target.value)}
        className="border-hairline mt-2 w-full rounded-md border px-2 py-1"
      />
      <ul id={`${id}-said`} className="mt-1">
        {doubles.length > 0 && <li>{words.doubles({ names: doubles.join(", ") })}</li>}
        {long.length > 0 && <li>{words.long({ names: long.join(", ") })}</li>}
        {names.length > mostNames && (
          <li>{words.many({ count: names.length, most: mostNames })}</li>
        )}
      </ul>
    </>
  );
}

/** A list of names is pasted: each gets an account with a first password, on a sheet to print and cut. */
export function PasteNames(props: Props) {
  const live = useLive();
  const [open, setOpen] = useState(false);
  const { text, setText, begun, setBegun, of, wrong, setWrong, start } = useBeginning(props);
  const there = begun.length > 0 ? [] : props.opened.people.map(({ name }) => name);
  const read = readNames(text, there);
  const { names } = read;
  const busy = of > 0;
  const many = names.length > mostNames;
  const close = () => !busy && setOpen(false);
  const done = begun.length > 0 && !busy && !wrong;
  return (
    <>
      <Sheet
        open={open}
        title={words.title}
        onClose={close}
        foot={
          <Button
            look="main"
            disabled={busy || names.length === 0 || many}
            onClick={() => void start(names)}
          >
            {words.begin({ count: names.length })}
          </Button>
        }
      >
        <NameList text={text} onChange={setText} busy={busy} read={read} />
        <p role="status">{busy && words.busy({ done: begun.length, of })}</p>
        <p role="alert" className="text-magenta">
          {wrong}
          {wrong && begun.length > 0 && ` ${words.partly({ count: begun.length })}`}
        </p>
        {wrong && begun.length > 0 && <Button onClick={() => setWrong("")}>{words.show}</Button>}
      </Sheet>
      <Button disabled={!live} onClick={() => setOpen(true)}>
        {words.open}
      </Button>
      {done && (
        <FirstPasswords
          className={props.opened.name}
          accounts={begun}
          close={() => {
            setBegun([]);
            setOpen(false);
          }}
        />
      )}
    </>
  );
}
