"use client";

import { useState, useTransition } from "react";
import type { OpenedClass } from "@/protocol/classes";
import { classWords as words } from "@/wording/classes";
import { AccountForm } from "../account/AccountForm";
import { Button } from "../parts/Button";
import { TextField } from "../parts/TextField";
import type { ClassChanges } from "./classChanges";
import { Note } from "./ClassPage";
import { JoiningNote } from "./JoiningNote";
import { PasteNames } from "./PasteNames";
import { PeopleTable } from "./PeopleTable";

interface Props {
  opened: OpenedClass;
  changes: ClassChanges;
}

function Settings({ opened, changes }: Props) {
  const [name, setName] = useState(opened.name);
  const [busy, start] = useTransition();
  const { id, archived } = opened;
  const toggle = () => start(async () => void (await changes.archive(id, !archived)));
  return (
    <>
      <AccountForm
        act={words.settings.rename}
        done={words.settings.renamed}
        change={() => changes.name(id, name)}
      >
        <TextField label={words.name} value={name} onChange={setName} />
      </AccountForm>
      <Button className="mt-3" look="quiet" disabled={busy} onClick={toggle}>
        {archived ? words.settings.takeUp : words.settings.putBy}
      </Button>
    </>
  );
}

function AnotherTeacher({ opened, changes }: Props) {
  const [name, setName] = useState("");
  return (
    <>
      <p className="text-soft mt-1">{words.teachers.text}</p>
      <AccountForm
        act={words.teachers.add}
        done={words.teachers.done}
        change={() => changes.addTeacher(opened.id, name)}
      >
        <TextField label={words.teachers.label} value={name} onChange={setName} />
      </AccountForm>
    </>
  );
}

/** The people of a class. */
export function PeoplePart(props: Props) {
  const students = props.opened.people.some(({ role }) => role === "student");
  return (
    <>
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="mr-auto font-serif text-lg font-semibold">{words.people.title}</h2>
        <PasteNames opened={props.opened} begin={props.changes.beginByNames} />
      </div>
      {!students && <p className="text-soft mt-1">{words.people.none}</p>}
      <PeopleTable {...props} />
    </>
  );
}

/** How students join, and the class itself. */
export function PeopleMargin(props: Props) {
  return (
    <>
      <Note title={words.joining.title}>
        <JoiningNote {...props} />
      </Note>
      <Note title={words.teachers.title}>
        <AnotherTeacher {...props} />
      </Note>
      <Note title={words.settings.title}>
        <Settings {...props} />
      </Note>
    </>
  );
}
