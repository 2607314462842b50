"use client";

import { useState } from "react";
import type { Replaced } from "@/protocol/saving";
import { placeInWords, replacedInWords, replacedWords } from "@/wording/changes";
import { Button } from "../parts/Button";
import { doPatches, type InvestigationStore } from "../store/investigationStore";
import { replacedSeen } from "../store/server";
import { useInvestigation, useInvestigationStore } from "../store/useInvestigation";

function forget(store: InvestigationStore, investigationId: string, ids: readonly string[]): void {
  const { place } = store.getState();
  store.setState(({ replaced }) => ({ replaced: replaced.filter(({ id }) => !ids.includes(id)) }));
  void replacedSeen(investigationId, place.device, ids);
}

/** Puts back what a replaced value was, or forgets what was seen. */
export function useReplaced(investigationId: string) {
  const store = useInvestigationStore();
  const seen = (ids: readonly string[]) => forget(store, investigationId, ids);
  const putBack = ({ id, back }: Replaced) => {
    const done = doPatches(store, "put-back", [back]);
    if (done) seen([id]);
    return done;
  };
  return { seen, putBack };
}

/** The one value of one's own that another replaced, in a line, with the way back. */
export function ReplacedLine({ investigationId, one }: { investigationId: string; one: Replaced }) {
  const document = useInvestigation((state) => state.document);
  const { seen, putBack } = useReplaced(investigationId);
  const [cannot, setCannot] = useState(false);
  return (
    <>
      {replacedInWords(placeInWords(document, one.path), { ...one, other: one.other })}{" "}
      {cannot && replacedWords.notBack}
      <span className="ml-2 inline-flex gap-2">
        <Button onClick={() => setCannot(!putBack(one))}>{replacedWords.mineBack}</Button>
        <Button look="quiet" onClick={() => seen([one.id])}>
          {replacedWords.letIt}
        </Button>
      </span>
    </>
  );
}
