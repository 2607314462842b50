"use client";

import { useEffect, useState } from "react";
import type { HistoryEntry, HistoryPage } from "@/protocol/history";
import { historyWords as words } from "@/wording/history";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { historyPage } from "../store/server";
import { EntryBy, useEntryInWords } from "./entry";

interface Props {
  investigationId: string;
  /** One reading alone; undefined for all that was done. */
  reading?: { readonly row: string; readonly cell: string } | undefined;
  onClose: () => void;
  look: (revision: number) => void;
}

/** The pages of history that were asked for so far. */
function useHistory(investigationId: string, reading: Props["reading"]) {
  const [page, setPage] = useState<HistoryPage>();
  const [away, setAway] = useState(false);
  const { row, cell } = reading ?? {};
  useEffect(() => {
    let wanted = true;
    const asked = row !== undefined && cell !== undefined ? { row, cell } : {};
    void historyPage(investigationId, asked).then((found) => {
      if (!wanted) return;
      setPage(found);
      setAway(found === undefined);
    });
    return () => void (wanted = false);
  }, [investigationId, row, cell]);
  const more = async () => {
    const before = page?.entries.at(-1)?.revision;
    if (!page || before === undefined) return;
    const found = await historyPage(investigationId, { before });
    setAway(found === undefined);
    if (found) setPage({ entries: [...page.entries, ...found.entries], more: found.more });
  };
  return { page, away, more };
}

function Entry({ entry, look }: { entry: HistoryEntry; look: () => void }) {
  const what = useEntryInWords(entry);
  return (
    <li className="flex items-baseline gap-3 py-1.5">
      <span className="min-w-0 flex-1 wrap-anywhere">
        <EntryBy entry={entry} />
        <span className="block">{what}</span>
      </span>
      {!entry.folded && (
        <Button aria-label={words.lookAt({ what: what.slice(0, 80) })} onClick={look}>
          {words.look}
        </Button>
      )}
    </li>
  );
}

/** What was done with the investigation or with one reading, the newest first; each moment can be looked at. */
export function HistorySheet({ investigationId, reading, onClose, look }: Props) {
  const { page, away, more } = useHistory(investigationId, reading);
  return (
    <Sheet open title={reading ? words.ofReading : words.title} onClose={onClose}>
      <p role="status">
        {away && words.away}
        {!page && !away && words.loading}
        {page?.entries.length === 0 && words.none}
      </p>
      <ul className="divide-hairline divide-y">
        {page?.entries.map((entry) => (
          <Entry key={entry.revision} entry={entry} look={() => look(entry.revision)} />
        ))}
      </ul>
      {page?.entries.some(({ folded }) => folded) && (
        <p className="text-soft mt-3">{words.folded}</p>
      )}
      {page?.more && (
        <Button className="mt-3" onClick={() => void more()}>
          {words.more}
        </Button>
      )}
    </Sheet>
  );
}
