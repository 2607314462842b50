"use client";

import type { HistoryEntry } from "@/protocol/history";
import { changeInWords } from "@/wording/changes";
import { historyWords as words } from "@/wording/history";
import { Moment } from "../parts/Moment";
import { useInvestigation } from "../store/useInvestigation";

/** What was done, by the names that things have on the sheet. */
export function useEntryInWords({ act, patches }: HistoryEntry): string {
  const document = useInvestigation((state) => state.document);
  const named = changeInWords(document, patches).join("; ");
  return named === "" ? words.act(act) : `${words.act(act)}: ${named}`;
}

/** Who did it, and when. */
export function EntryBy({ entry }: { entry: HistoryEntry }) {
  return (
    <span className="text-soft">
      <bdi>{entry.by ?? words.gone}</bdi>, <Moment at={entry.at} />
    </span>
  );
}
