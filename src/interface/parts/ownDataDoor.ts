import { type Remote, wrap } from "comlink";
import type { Investigation } from "@/investigation/model/investigation";
import type { OwnData } from "@/workers/ownData";
import type { Hand } from "./useTaking";

/** An investigation that is fetched, and what it is called. */
export interface Named {
  readonly id: string;
  readonly title: string;
}

/** An investigation that was fetched. */
export interface Fetched extends Named {
  readonly document: Investigation;
}

/** Fetching the documents takes this part of the whole. */
const fetching = 0.3;

/** The documents one after the other; those that can't be read are left out. @param said what is said of those, by name */
export async function fetchedDocuments(
  all: readonly Named[],
  { onProgress, signal, say }: Hand,
  said: (left: readonly string[]) => string,
): Promise<readonly Fetched[]> {
  const found: Fetched[] = [];
  const left: string[] = [];
  for (const [i, { id, title }] of all.entries()) {
    const response = await fetch(`/api/investigations/${id}/document`, { signal });
    if (response.ok) {
      const { document } = (await response.json()) as { document: Investigation };
      found.push({ id, title, document });
    } else if (response.status === 409) left.push(title);
    else throw new Error("Failed to fetch an investigation.");
    onProgress((fetching * (i + 1)) / all.length);
  }
  if (left.length > 0) say(said(left));
  return found;
}

/** Has a file made by a worker, away from the page. @param type its media type */
export async function madeAway(
  work: (
    door: Remote<OwnData>,
    onProgress: (part: number) => void,
  ) => Promise<Uint8Array<ArrayBuffer>>,
  hand: Hand,
  type = "application/zip",
): Promise<Blob> {
  const worker = new Worker(new URL("../../workers/ownData.worker.ts", import.meta.url), {
    type: "module",
  });
  const door = wrap<OwnData>(worker);
  try {
    const bytes = await new Promise<Uint8Array<ArrayBuffer>>((resolve, reject) => {
      worker.addEventListener("error", () => reject(new Error("Failed to load the worker.")));
      hand.signal.addEventListener("abort", () => reject(new Error("given up")));
      const onProgress = (part: number) => hand.onProgress(fetching + (1 - fetching) * part);
      work(door, onProgress).then(resolve, reject);
    });
    return new Blob([bytes], { type });
  } finally {
    worker.terminate();
  }
}
