"use client";

import { partsTexts } from "@/wording/partsTexts";
import { useRef, useState } from "react";
import { takingWords } from "@/wording/takingOut";
import { reportFault } from "../store/reportFault";
import { handOver } from "./handOver";

/** What the making of a file is given in hand. */
export interface Hand {
  /** Says how far it is, from 0 to 1. */
  readonly onProgress: (part: number) => void;
  /** Says what the file does not hold, once it is made. */
  readonly say: (sentence: string) => void;
  /** Says that the file became a ZIP, as others go with it. */
  readonly pack: () => void;
  /** Tells that it was given up. */
  readonly signal: AbortSignal;
}

/** A file to be made. */
export interface FileToMake {
  /** What it is called in a sentence: PDF. */
  readonly kind: string;
  readonly name: string;
  readonly make: (hand: Hand) => Promise<Blob>;
  /** Words that it would show with empty boxes. */
  readonly unheld?: () => Promise<readonly string[]>;
}

export type Taking =
  | { readonly state: "idle"; readonly said: string }
  | { readonly state: "asking"; readonly file: FileToMake; readonly words: readonly string[] }
  | { readonly state: "making"; readonly file: FileToMake; readonly part: number };

/** Whether something could not be had over the network: a font, or a part of the application. */
function isAway(error: unknown): boolean {
  if (!navigator.onLine) return true;
  const message = error instanceof Error ? `${error.name} ${error.message}` : "";
  return /ChunkLoadError|Failed to (fetch|load)|NetworkError|could not be fetched/i.test(message);
}

/** Takes files out: asks first where signs would be lost, shows how far it is, and says why it failed. */
export function useTaking() {
  const [taking, setTaking] = useState<Taking>({ state: "idle", said: "" });
  const running = useRef<AbortController>(undefined);
  const end = (said: string) => setTaking({ state: "idle", said });

  const make = async (file: FileToMake) => {
    const control = new AbortController();
    running.current = control;
    const { signal } = control;
    const onProgress = (part: number) => {
      if (!signal.aborted) setTaking({ state: "making", file, part });
    };
    onProgress(0);
    let said = "";
    let { name } = file;
    const pack = () => void (name = `${file.name}.zip`);
    const say = (sentence: string) => void (said = sentence);
    try {
      const blob = await file.make({ onProgress, say, pack, signal });
      if (signal.aborted) return;
      handOver(name, blob);
      end(said);
    } catch (error) {
      if (signal.aborted) return;
      if (!isAway(error)) reportFault(partsTexts.takingOutKind({ kind: file.kind }), error);
      end(
        isAway(error)
          ? takingWords.away({ kind: file.kind })
          : takingWords.fault({ kind: file.kind }),
      );
    }
  };

  const take = async (file: FileToMake) => {
    running.current?.abort();
    setTaking({ state: "making", file, part: 0 });
    const words = await (file.unheld?.() ?? Promise.resolve([])).catch(() => []);
    if (words.length > 0) setTaking({ state: "asking", file, words });
    else await make(file);
  };

  const giveUp = () => {
    running.current?.abort();
    end("");
  };
  return { taking, take, make, giveUp, say: end };
}
