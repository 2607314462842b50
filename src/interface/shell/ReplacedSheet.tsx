"use client";

import { useState } from "react";
import type { Replaced } from "@/protocol/saving";
import { placeInWords, replacedInWords, replacedWords } from "@/wording/changes";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { doPatches, type InvestigationStore } from "../store/investigationStore";
import { replacedSeen } from "../store/server";
import { useInvestigation, useInvestigationStore } from "../store/useInvestigation";

function forget(store: InvestigationStore, investigationId: string, ids: readonly string[]): void {
  const { place } = store.getState();
  store.setState(({ replaced }) => ({ replaced: replaced.filter(({ id }) => !ids.includes(id)) }));
  void replacedSeen(investigationId, place.device, ids);
}

/** Puts back what a replaced value was, or forgets what was seen. */
function useReplaced(investigationId: string) {
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

function Item({ one, onBack }: { one: Replaced; onBack: () => boolean }) {
  const document = useInvestigation((state) => state.document);
  const [cannot, setCannot] = useState(false);
  const words = replacedInWords(placeInWords(document, one.path), {
    side: one.side,
    was: one.was,
    stands: one.stands,
    other: one.other,
  });
  return (
    <li className="border-hairline flex flex-wrap items-center gap-2 border-b py-2 last:border-b-0">
      <p className="min-w-0 flex-1 basis-72 break-words">
        {words} {cannot && <span role="alert">{replacedWords.notBack}</span>}
      </p>
      <Button onClick={() => setCannot(!onBack())}>
        {one.side === "lost"
          ? replacedWords.mineBack
          : one.other
            ? replacedWords.theirsBack
            : replacedWords.otherBack}
      </Button>
    </li>
  );
}

/** What took the place of what while two worked at once; each can be put back, and the list is kept until it was seen. */
export function ReplacedSheet(props: {
  investigationId: string;
  open: boolean;
  onClose: () => void;
}) {
  const { investigationId, open, onClose } = props;
  const replaced = useInvestigation((state) => state.replaced);
  const { seen, putBack } = useReplaced(investigationId);
  return (
    <Sheet
      open={open && replaced.length > 0}
      onClose={onClose}
      title={replacedWords.title}
      foot={
        <Button look="main" onClick={() => seen(replaced.map(({ id }) => id))}>
          {replacedWords.seen}
        </Button>
      }
    >
      <p className="text-soft">{replacedWords.hint}</p>
      <ul className="mt-2">
        {replaced.map((one) => (
          <Item key={one.id} one={one} onBack={() => putBack(one)} />
        ))}
      </ul>
    </Sheet>
  );
}
