"use client";

import { shelfTexts } from "@/wording/shelfTexts";
import { shelfWords } from "@/wording/shelf";
import { untitled } from "@/wording/untitled";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { Button } from "../parts/Button";
import { RowMenu } from "../parts/RowMenu";
import { OpensHere } from "../offline/KeptHere";
import { Thumbnail } from "./Thumbnail";
import { Moment } from "../parts/Moment";
import type { ShelfChanges, ShelfEntry } from "./shelf";

interface Props {
  entry: ShelfEntry;
  changes: ShelfChanges;
  /** Whether briefs are made of what stands on the shelf. */
  teaches: boolean;
  onDeleted: (entry: ShelfEntry) => void;
}

function Rename({ entry, onDone }: { entry: ShelfEntry; onDone: (title?: string) => void }) {
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    onDone(String(new FormData(event.currentTarget).get("title") ?? ""));
  };
  return (
    <form onSubmit={submit} className="flex gap-2 px-2 py-2">
      <input
        name="title"
        aria-label={shelfTexts.newTitle}
        defaultValue={entry.title}
        maxLength={200}
        autoFocus
        onFocus={(event) => event.currentTarget.select()}
        onKeyDown={(event) => event.key === "Escape" && onDone()}
        className="border-hairline h-8 flex-1 rounded-md border px-2"
      />
      <Button type="submit" look="main">
        {shelfTexts.rename}
      </Button>
      <Button onClick={() => onDone()}>{shelfTexts.leaveAsItWas}</Button>
    </form>
  );
}

function EntryMenu({
  entry,
  changes,
  teaches,
  onDeleted,
  onRename,
}: Props & { onRename: () => void }) {
  const router = useRouter();
  const remove = async () => {
    await changes.remove(entry.id);
    onDeleted(entry);
  };
  const acts = [
    { label: shelfTexts.rename, run: onRename },
    { label: shelfTexts.duplicate, run: () => void changes.duplicate(entry.id) },
    ...(teaches && !entry.isBrief
      ? [{ label: shelfWords.makeBrief, run: () => void changes.makeBrief(entry.id) }]
      : []),
    { label: shelfWords.readingCopies, run: () => router.push(`/copies/${entry.id}`) },
    { label: shelfTexts.delete, run: () => void remove() },
  ];
  return <RowMenu label={shelfTexts.whatToDo({ title: entry.title || untitled() })} acts={acts} />;
}

/** One investigation on the shelf: its title leads to it, its menu renames, duplicates and deletes. */
export function ShelfEntryRow(props: Props) {
  const { entry, changes } = props;
  const [renaming, setRenaming] = useState(false);
  if (renaming) {
    const done = (title?: string) => {
      setRenaming(false);
      if (title !== undefined && title !== entry.title) void changes.rename(entry.id, title);
    };
    return (
      <li>
        <Rename entry={entry} onDone={done} />
      </li>
    );
  }
  return (
    <li className="hover:bg-wash flex items-center pr-1">
      <Link
        href={`/investigation/${entry.id}/measure`}
        prefetch={false}
        className="flex min-w-0 flex-1 items-center justify-between gap-4 px-2 py-2"
      >
        <Thumbnail id={entry.id} changedAt={entry.changedAt} />
        <span className="flex min-w-0 flex-1 flex-wrap items-baseline justify-between gap-x-4">
          <span className="max-w-full min-w-0 font-serif text-[17px] font-semibold wrap-anywhere sm:truncate">
            {entry.title || untitled()}
            {entry.isBrief && (
              <span className="text-moss ml-2 font-sans text-sm font-normal">
                {shelfWords.brief}
              </span>
            )}
          </span>
          <span className="flex flex-wrap gap-x-4 sm:shrink-0">
            <OpensHere id={entry.id} />
            <span className="text-soft">
              {shelfTexts.changed} <Moment at={entry.changedAt} />
            </span>
          </span>
        </span>
      </Link>
      <EntryMenu {...props} onRename={() => setRenaming(true)} />
    </li>
  );
}
