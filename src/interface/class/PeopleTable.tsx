"use client";

import { useState } from "react";
import type { SchoolReply } from "@/protocol/accounts";
import type { ClassMember, OpenedClass } from "@/protocol/classes";
import { schoolFaults } from "@/wording/accounts";
import { classWords } from "@/wording/classes";
import { AccountForm } from "../account/AccountForm";
import { Button } from "../parts/Button";
import { RowMenu } from "../parts/RowMenu";
import { Sheet } from "../parts/Sheet";
import { TextField } from "../parts/TextField";
import { Moment } from "../parts/Moment";
import type { ClassChanges } from "./classChanges";

const words = classWords.people;

type Asked =
  | { readonly kind: "rename" | "take-out"; readonly member: ClassMember }
  | { readonly kind: "given"; readonly member: ClassMember; readonly password: string };

function MemberMenu({ member, ask }: { member: ClassMember; ask: (what: Asked["kind"]) => void }) {
  const forStudents = [
    { label: words.rename, run: () => ask("rename") },
    { label: words.password, run: () => ask("given") },
  ];
  const takeOut = { label: words.takeOut, run: () => ask("take-out") };
  const acts = member.role === "student" ? [...forStudents, takeOut] : [takeOut];
  return <RowMenu label={words.whatToDo({ name: member.name })} acts={acts} />;
}

interface SheetProps {
  asked: Asked;
  classId: string;
  changes: ClassChanges;
  close: () => void;
}

function Rename({ asked, classId, changes, close }: SheetProps) {
  const [name, setName] = useState(asked.member.name);
  const change = async (): Promise<SchoolReply> => {
    const reply = await changes.renameStudent(classId, asked.member.id, name);
    if (reply.kind === "done") close();
    return reply;
  };
  return (
    <Sheet open title={words.rename} onClose={close}>
      <AccountForm act={words.rename} done="" change={change}>
        <TextField label={words.newName} value={name} onChange={setName} className="max-w-sm" />
      </AccountForm>
    </Sheet>
  );
}

function TakeOut({ asked, classId, changes, close }: SheetProps) {
  const out = classWords.out;
  const change = async (): Promise<SchoolReply> => {
    const reply = await changes.takeOut(classId, asked.member.id);
    if (reply.kind === "done") close();
    return reply;
  };
  return (
    <Sheet
      open
      title={out.title({ name: asked.member.name })}
      onClose={close}
      foot={<Button onClick={close}>{out.keep}</Button>}
    >
      <p>{out.text}</p>
      <AccountForm act={out.doIt} done="" change={change}>
        {null}
      </AccountForm>
    </Sheet>
  );
}

function Given({ asked, close }: { asked: Extract<Asked, { kind: "given" }>; close: () => void }) {
  const given = classWords.given;
  const { member, password } = asked;
  return (
    <Sheet
      open
      title={given.title({ name: member.name })}
      onClose={close}
      foot={
        <Button look="main" onClick={close}>
          {given.done}
        </Button>
      }
    >
      <p>{given.text}</p>
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-base">
        <dt className="text-soft">{given.signInName}</dt>
        <dd className="font-semibold">{member.signInName}</dd>
        <dt className="text-soft">{given.password}</dt>
        <dd className="font-semibold">{password}</dd>
      </dl>
    </Sheet>
  );
}

function Row({ member, ask }: { member: ClassMember; ask: (what: Asked["kind"]) => void }) {
  return (
    <tr className="border-hairline border-b">
      <td className="py-1.5 pr-3 wrap-anywhere">
        <bdi>{member.name}</bdi>
        {member.role === "teacher" && <span className="text-soft"> {words.teacher}</span>}
      </td>
      <td className="text-soft pr-3 wrap-anywhere">
        {member.signInName}
        {member.firstPassword && <span className="block text-xs">{words.firstPassword}</span>}
      </td>
      <td className="text-soft pr-3 max-sm:hidden">
        <Moment at={member.joinedAt} />
      </td>
      <td className="text-right">
        <MemberMenu member={member} ask={ask} />
      </td>
    </tr>
  );
}

/** The people of a class, with what a teacher may do for each. */
export function PeopleTable({ opened, changes }: { opened: OpenedClass; changes: ClassChanges }) {
  const [asked, setAsked] = useState<Asked>();
  const [wrong, setWrong] = useState("");
  const ask = async (kind: Asked["kind"], member: ClassMember) => {
    setWrong("");
    if (kind !== "given") return setAsked({ kind, member });
    const reply = await changes.givePassword(opened.id, member.id);
    if (reply.kind === "fault") return setWrong(schoolFaults[reply.fault]);
    setAsked({ kind, member, password: reply.password });
  };
  const sheet = { classId: opened.id, changes, close: () => setAsked(undefined) };
  return (
    <>
      <p role="alert" className="text-magenta min-h-5">
        {wrong}
      </p>
      <table className="w-full">
        <thead className="text-soft border-hairline border-b text-left text-xs">
          <tr>
            <th className="py-1 font-normal">{words.name}</th>
            <th className="font-normal">{words.signInName}</th>
            <th className="font-normal max-sm:hidden">{words.joined}</th>
            <th>
              <span className="sr-only">{words.whatToDo({ name: "" })}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {opened.people.map((member) => (
            <Row key={member.id} member={member} ask={(kind) => void ask(kind, member)} />
          ))}
        </tbody>
      </table>
      {asked?.kind === "rename" && <Rename asked={asked} {...sheet} />}
      {asked?.kind === "take-out" && <TakeOut asked={asked} {...sheet} />}
      {asked?.kind === "given" && <Given asked={asked} close={sheet.close} />}
    </>
  );
}
