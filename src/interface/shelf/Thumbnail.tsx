"use client";

import { useEffect, useRef, useState } from "react";
import type { Investigation } from "@/investigation/model/investigation";
import { laterPart } from "../later/laterPart";

const SmallFigure = laterPart(() => import("./SmallFigure").then((part) => part.SmallFigure));

async function fetchDocument(id: string): Promise<Investigation | undefined> {
  const response = await fetch(`/api/investigations/${id}/document`);
  if (!response.ok) return undefined;
  return ((await response.json()) as { document: Investigation }).document;
}

/** The first figure of an investigation, fetched when its entry comes into sight. */
export function Thumbnail({ id, changedAt }: { id: string; changedAt: string }) {
  const place = useRef<HTMLDivElement>(null);
  const [document, setDocument] = useState<Investigation>();
  useEffect(() => {
    let gone = false;
    const load = async () => {
      const found = await fetchDocument(id).catch(() => undefined);
      if (!gone && found) setDocument(found);
    };
    const watch = new IntersectionObserver((entries) => {
      if (!entries.some(({ isIntersecting }) => isIntersecting)) return;
      watch.disconnect();
      void load();
    });
    if (place.current) watch.observe(place.current);
    return () => {
      gone = true;
      watch.disconnect();
    };
  }, [id, changedAt]);
  return (
    <div
      ref={place}
      aria-hidden
      className="border-hairline h-[50px] w-[69px] shrink-0 border bg-white"
    >
      {document && <SmallFigure document={document} />}
    </div>
  );
}
