"use client";

import { useState } from "react";
import type { Replaced } from "@/protocol/saving";
import { placeInWords, replacedInWords, replacedWords } from "@/wording/changes";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { useInvestigation } from "../store/useInvestigation";
import { useReplaced } from "./ReplacedLine";

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
