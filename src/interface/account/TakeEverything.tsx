"use client";

import { proxy, wrap } from "comlink";
import type { Investigation } from "@/investigation/model/investigation";
import type { OwnData } from "@/workers/ownData";
import { accountWords } from "@/wording/accounts";
import { Button } from "../parts/Button";
import { TakingLine } from "../parts/TakingLine";
import { useLive } from "../parts/useLive";
import { type Hand, useTaking } from "../parts/useTaking";

const words = accountWords.data;

interface Named {
  readonly id: string;
  readonly title: string;
}

/** Fetching the documents takes this part of the whole. */
const fetching = 0.3;

/** The documents one after the other; those that can't be read are left out, and named. */
async function documentsOf(all: readonly Named[], { onProgress, signal }: Hand) {
  const documents: Investigation[] = [];
  const left: string[] = [];
  for (const [i, { id, title }] of all.entries()) {
    const response = await fetch(`/api/investigations/${id}/document`, { signal });
    if (response.ok) {
      documents.push(((await response.json()) as { document: Investigation }).document);
    } else if (response.status === 409) left.push(title);
    else throw new Error("Failed to fetch an investigation.");
    onProgress((fetching * (i + 1)) / all.length);
  }
  return { documents, left };
}

async function everything(all: readonly Named[], hand: Hand): Promise<Blob> {
  const { documents, left } = await documentsOf(all, hand);
  const worker = new Worker(new URL("../../workers/ownData.worker.ts", import.meta.url), {
    type: "module",
  });
  const door = wrap<OwnData>(worker);
  try {
    const bytes = await new Promise<Uint8Array<ArrayBuffer>>((resolve, reject) => {
      worker.addEventListener("error", () => reject(new Error("Failed to load the worker.")));
      hand.signal.addEventListener("abort", () => reject(new Error("given up")));
      const onProgress = (part: number) => hand.onProgress(fetching + (1 - fetching) * part);
      door.zip(documents, proxy(onProgress)).then(resolve, reject);
    });
    if (left.length > 0) hand.say(words.left(left));
    return new Blob([bytes], { type: "application/zip" });
  } finally {
    worker.terminate();
  }
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
      <p className="text-soft mt-1 mb-2">{words.text(investigations.length)}</p>
      <Button disabled={!live} onClick={() => void taking.take(file)}>
        {words.take}
      </Button>
      <TakingLine {...taking} />
    </>
  );
}
