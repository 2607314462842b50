"use client";

import { useEffect, useState } from "react";
import type { OpenedCopy } from "@/protocol/copies";

/** What a link shows, or why it shows nothing. */
export type Shown =
  | { readonly kind: "opening" | "gone" | "away" }
  | { readonly kind: "copy"; readonly copy: OpenedCopy };

const askedEvery = 900;

async function asked(token: string, since: number | undefined): Promise<Response | undefined> {
  try {
    return await fetch("/api/read", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(since === undefined ? { token } : { token, since }),
    });
  } catch {
    return undefined;
  }
}

/** Opens the link in the address, and asks every second whether it still leads here and whether there is news. */
export function useOpenedCopy(): Shown {
  const [shown, setShown] = useState<Shown>({ kind: "opening" });
  useEffect(() => {
    const token = window.location.hash.slice(1);
    let since: number | undefined;
    let timer: ReturnType<typeof setTimeout>;
    let left = false;
    const look = async () => {
      const answer = document.visibilityState === "hidden" && since !== undefined ? undefined : await asked(token, since);
      if (left) return;
      if (answer?.status === 404 || answer?.status === 400) return setShown({ kind: "gone" });
      if (answer?.status === 200) {
        const copy = (await answer.json()) as OpenedCopy;
        since = copy.revision;
        setShown({ kind: "copy", copy });
      } else if (since === undefined) setShown({ kind: "away" });
      timer = setTimeout(() => void look(), askedEvery);
    };
    void look();
    return () => {
      left = true;
      clearTimeout(timer);
    };
  }, []);
  return shown;
} // prettier-ignore
