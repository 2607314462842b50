"use client";

import { proxy } from "comlink";
import { accountWords } from "@/wording/accounts";
import { Button } from "../parts/Button";
import { fetchedDocuments, type Named, madeAway } from "../parts/ownDataDoor";
import { TakingLine } from "../parts/TakingLine";
import { useLive } from "../parts/useLive";
import { type Hand, useTaking } from "../parts/useTaking";

const words = accountWords.data;

async function everything(all: readonly Named[], hand: Hand): Promise<Blob> {
  const found = await fetchedDocuments(all, hand, (titles) =>
    words.left({ titles: titles.join(", ") }),
  );
  const documents = found.map(({ document }) => document);
  return madeAway((door, onProgress) => door.zip(documents, proxy(onProgress)), hand);
}

/** All of a person's investigations as one file. */
export function TakeEverything({ investigations }: { investigations: readonly Named[] }) {
  const taking = useTaking();
  const live = useLive();
  if (investigations.length === 0) return <p className="text-soft mt-2">{words.none}</p>;
  const file = {
    kind: words.kind,
    name: "fathom-rule.zip",
    make: (hand: Hand) => everything(investigations, hand),
  };
  return (
    <>
      <p className="text-soft mt-1 mb-2">{words.text({ count: investigations.length })}</p>
      <Button disabled={!live} onClick={() => void taking.take(file)}>
        {words.take}
      </Button>
      <TakingLine {...taking} />
    </>
  );
}
