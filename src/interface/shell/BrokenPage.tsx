"use client";

import { windowTitle } from "@/wording/windowTitle";
import Link from "next/link";
import { useState, useTransition } from "react";
import { sayings } from "@/wording/sayings";
import { Button } from "../parts/Button";

interface Props {
  investigationId: string;
  title: string;
  /** What is stored can't be read or was written by a newer version, or a page fell over what it holds. */
  why: "unreadable" | "newer" | "fell";
  /** Goes back to the newest state that can be read; whether there was one. Undefined for those who only read. */
  goBack: ((investigationId: string) => Promise<boolean>) | undefined;
}

const words = sayings.broken;

/** When an investigation can't be shown as it stands: the way back to its last good state, and what is stored as a file. */
export function BrokenPage({ investigationId, title, why, goBack }: Props) {
  const [none, setNone] = useState(false);
  const [going, start] = useTransition();
  const go = () =>
    start(async () => {
      if (await goBack?.(investigationId)) window.location.reload();
      else setNone(true);
    });
  return (
    <main className="bg-page mx-auto mt-24 max-w-xl p-8">
      <title>{windowTitle(words.title(title))}</title>
      <h1 className="font-serif text-xl font-semibold">{words.title(title)}</h1>
      <p className="mt-2">{words[why]}</p>
      {why !== "newer" && <p className="text-soft mt-2">{words.nothingLost}</p>}
      <div className="mt-5 flex flex-wrap items-center gap-3">
        {why !== "newer" && goBack && (
          <Button look="main" disabled={going} onClick={go}>
            {words.goBack}
          </Button>
        )}
        <a
          href={`/api/investigations/${investigationId}/stored`}
          download
          className="text-petrol font-semibold underline"
        >
          {words.takeOut}
        </a>
        <Link href="/shelf" className="text-petrol font-semibold underline">
          {words.toShelf}
        </Link>
      </div>
      {none && (
        <p role="alert" className="mt-3">
          {words.noState}
        </p>
      )}
    </main>
  );
}
