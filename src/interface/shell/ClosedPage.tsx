"use client";

import { windowTitle } from "@/wording/windowTitle";
import Link from "next/link";
import { investigationJson } from "@/output/investigationJson";
import { fileName } from "@/output/saveFile";
import { sayings } from "@/wording/sayings";
import { Button } from "../parts/Button";
import { useInvestigationStore } from "../store/useInvestigation";
import { handOver } from "../parts/handOver";

const words = sayings.reading;

/** In the place of a sheet that somebody may see no longer: why, and what becomes of what they typed. */
export function ClosedPage() {
  const store = useInvestigationStore();
  const { readOnly } = store.getState();
  const takeOut = () => {
    const { document } = store.getState();
    const file = new Blob([investigationJson(document)], { type: "application/json" });
    handOver(fileName(document.title, "json"), file);
  };
  return (
    <main className="bg-page mx-auto mt-24 max-w-md p-8">
      <title>{windowTitle(words.ended)}</title>
      <div role="alert">
        <h1 className="font-serif text-xl font-semibold">
          {readOnly ? words.endedReading : words.ended}
        </h1>
      </div>
      {!readOnly && <p className="text-soft mt-2">{words.copied}</p>}
      <div className="mt-5 flex flex-wrap items-center gap-3">
        <Link href="/shelf" className="text-petrol font-semibold underline">
          {words.toShelf}
        </Link>
        {!readOnly && <Button onClick={takeOut}>{words.takeOut}</Button>}
      </div>
    </main>
  );
}
