"use client";

import { useState } from "react";
import { asideWords, changeInWords, whyAside } from "@/wording/changes";
import { fileName } from "@/output/saveFile";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { doPatches, type InvestigationState } from "../store/investigationStore";
import type { PutAside } from "../store/putAside";
import { useInvestigation, useInvestigationStore } from "../store/useInvestigation";
import { handOver } from "../parts/handOver";

const why = ({ reason, detail }: PutAside) =>
  reason === "invalid" ? whyAside.invalid(detail) : whyAside[reason];

const without = (id: string) => (state: InvestigationState) => ({
  aside: state.aside.filter(({ edit }) => edit.id !== id),
});

/** All that was not taken, as a file: in words for people, and whole for programs. */
function takeOut({ document, aside }: InvestigationState): void {
  const changes = aside.map((item) => ({
    typed: item.edit.at,
    change: changeInWords(document, item.edit.patches),
    reason: why(item),
    patches: item.edit.patches,
  }));
  const text = JSON.stringify({ investigation: document.title, changes }, null, 2);
  const name = fileName(`${document.title} ${asideWords.file}`, "json");
  handOver(name, new Blob([text], { type: "application/json" }));
}

function Item({ item }: { item: PutAside }) {
  const store = useInvestigationStore();
  const document = useInvestigation((state) => state.document);
  const [still, setStill] = useState(false);
  const [asked, setAsked] = useState(false);
  const { edit } = item;
  const again = () => {
    if (doPatches(store, edit.act, edit.patches)) store.setState(without(edit.id));
    else setStill(true);
  };
  const letGo = () => (asked ? store.setState(without(edit.id)) : setAsked(true));
  return (
    <li className="border-hairline flex flex-wrap items-start gap-2 border-b py-2.5 last:border-b-0">
      <div className="min-w-0 flex-1 basis-72">
        <ul className="font-semibold">
          {changeInWords(document, edit.patches).map((words) => (
            <li key={words} className="break-words">
              {words}
            </li>
          ))}
        </ul>
        <p className="text-soft">
          {why(item)} {still && <span role="alert">{asideWords.stillNot}</span>}
        </p>
      </div>
      <Button onClick={again}>{asideWords.again}</Button>
      <Button look="quiet" onClick={letGo}>
        {asked ? asideWords.letGoForGood : asideWords.letGo}
      </Button>
    </li>
  );
}

/** The list of changes that the server did not take: each can be tried again or let go, all can be taken out as a file. */
export function AsideSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const store = useInvestigationStore();
  const aside = useInvestigation((state) => state.aside);
  return (
    <Sheet
      open={open && aside.length > 0}
      onClose={onClose}
      title={asideWords.title}
      foot={<Button onClick={() => takeOut(store.getState())}>{asideWords.takeOut}</Button>}
    >
      <p className="text-soft">{asideWords.hint}</p>
      <ul className="mt-2">
        {aside.map((item) => (
          <Item key={item.edit.id} item={item} />
        ))}
      </ul>
    </Sheet>
  );
}
