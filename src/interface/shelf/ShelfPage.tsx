"use client";

import { shelfTexts } from "@/wording/shelfTexts";
import type { SchoolReply, PersonKind } from "@/protocol/accounts";
import type { ClassEntry, OwnExperiment } from "@/protocol/classes";
import { Classes } from "./Classes";
import { type FindingBenches, OwnBenches } from "./OwnBenches";
import { Licences } from "../parts/Licences";
import { shelfWords } from "@/wording/shelf";
import { untitled } from "@/wording/untitled";
import { useEffect, useState } from "react";
import { KeptHere } from "../offline/KeptHere";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { PlainHeader } from "../parts/PlainHeader";
import { TextField } from "../parts/TextField";
import { forgetCopiesOfOthers, rememberPerson } from "../store/deviceCopy";
import { arranged, type ShelfChanges, type ShelfEntry, type ShelfOrder } from "./shelf";
import { BringInInvestigation } from "./BringInInvestigation";
import { SampleMenu } from "./SampleMenu";
import { ShelfEntryRow } from "./ShelfEntryRow";

interface Props {
  person: { id: string; name: string; kind: PersonKind };
  classes: readonly ClassEntry[];
  /** The experiments of a student's classes. */
  experiments: readonly OwnExperiment[];
  finding: FindingBenches;
  makeClass: (name: string, timeZone: string) => Promise<SchoolReply>;
  shelf: { entries: readonly ShelfEntry[]; deleted: readonly ShelfEntry[] };
  changes: ShelfChanges;
  startEmpty: () => Promise<void>;
  /** Starts a brief; only teachers do. */
  startBrief: () => Promise<void>;
  samples: readonly { readonly name: string; readonly title: string }[];
  startSample: (name: string, asBrief?: boolean) => Promise<void>;
  /** Takes the JSON of a whole investigation. */
  bringIn: (text: string) => Promise<void>;
  signOut: () => Promise<void>;
  /** What to say on arrival; undefined for nothing. */
  said?: string | undefined;
}

interface Teaching {
  teaches: boolean;
}

const orders = [
  {
    value: "changed",
    get label() {
      return shelfTexts.lastChangedFirst;
    },
  },
  {
    value: "title",
    get label() {
      return shelfTexts.byTitle;
    },
  },
] as const;

const listLook = "divide-hairline border-hairline mt-4 divide-y border-y";

function Deleted({ deleted, changes }: Pick<Props["shelf"], "deleted"> & Pick<Props, "changes">) {
  if (deleted.length === 0) return null;
  return (
    <details className="mt-6">
      <summary className="text-soft cursor-pointer">
        {shelfTexts.deletedInTheLast30({ count: deleted.length })}
      </summary>
      <ul className={listLook}>
        {deleted.map(({ id, title }) => (
          <li key={id} className="flex items-center justify-between gap-4 px-2 py-2">
            <span className="truncate">{title || untitled()}</span>
            <Button onClick={() => void changes.putBack(id)}>{shelfTexts.putBack}</Button>
          </li>
        ))}
      </ul>
    </details>
  );
}

function Entries({ shelf, changes, teaches }: Pick<Props, "shelf" | "changes"> & Teaching) {
  const [search, setSearch] = useState("");
  const [order, setOrder] = useState<ShelfOrder>("changed");
  const [gone, setGone] = useState<ShelfEntry>();
  const shown = arranged(shelf.entries, search, order);
  const putBack = async () => {
    if (gone) await changes.putBack(gone.id);
    setGone(undefined);
  };
  return (
    <>
      {shelf.entries.length > 1 && (
        <div className="mt-4 flex items-end gap-3">
          <TextField
            label={shelfTexts.searchByTitle}
            value={search}
            onChange={setSearch}
            className="w-64"
          />
          <div className="w-48">
            <Choice label={shelfTexts.order} value={order} options={orders} onChange={setOrder} />
          </div>
        </div>
      )}
      <p role="status" className={gone ? "mt-3 flex items-center gap-3" : ""}>
        {gone && (
          <>
            {shelfTexts.wasDeleted({ title: gone.title || untitled() })}
            <Button onClick={() => void putBack()}>{shelfTexts.undo}</Button>
          </>
        )}
      </p>
      {shown.length > 0 ? (
        <ul aria-label={shelfTexts.investigations} className={listLook}>
          {shown.map((entry) => (
            <ShelfEntryRow
              key={entry.id}
              entry={entry}
              changes={changes}
              teaches={teaches}
              onDeleted={setGone}
            />
          ))}
        </ul>
      ) : (
        <p className="text-soft py-12 text-center text-base">
          {shelf.entries.length === 0
            ? shelfTexts.theShelfIsEmptyStart
            : shelfTexts.noTitleOnTheShelf}
        </p>
      )}
      <Deleted deleted={shelf.deleted} changes={changes} />
    </>
  );
}

/** The list of a person's investigations, and where a new one starts. */
export function ShelfPage(props: Props) {
  const { person, shelf, changes, samples, startEmpty, startBrief, startSample } = props;
  const { bringIn, signOut, said } = props;
  const teaches = person.kind === "teacher";
  useEffect(() => {
    rememberPerson(person.id);
    void forgetCopiesOfOthers(person.id).catch(() => {});
  }, [person.id]);
  return (
    <div className="min-h-screen">
      <PlainHeader person={person} signOut={signOut} />
      <main className="bg-page mx-auto min-h-[calc(100vh-58px)] max-w-4xl px-8 py-6">
        <div className="flex flex-wrap items-center justify-end gap-2">
          <h1 className="mr-auto font-serif text-xl font-semibold">{shelfTexts.shelf}</h1>
          <BringInInvestigation bring={bringIn} />
          <SampleMenu samples={samples} start={startSample} teaches={teaches} />
          {teaches && (
            <form action={startBrief}>
              <Button type="submit">{shelfWords.startBrief}</Button>
            </form>
          )}
          <form action={startEmpty}>
            <Button type="submit" look="main">
              {shelfTexts.startAnInvestigation}
            </Button>
          </form>
        </div>
        {said && (
          <p role="alert" className="bg-magenta-wash border-magenta mt-3 border-l-2 px-3 py-1.5">
            {said}
          </p>
        )}
        <KeptHere personId={person.id}>
          <OwnBenches experiments={props.experiments} finding={props.finding} />
          <Entries shelf={shelf} changes={changes} teaches={teaches} />
        </KeptHere>
        <Classes classes={props.classes} teaches={teaches} make={props.makeClass} />
        <Licences />
      </main>
    </div>
  );
}
