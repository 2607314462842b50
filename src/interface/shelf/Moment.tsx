"use client";

import { useSyncExternalStore } from "react";

const never = () => () => {};

/** A moment by the clock and calendar of whoever looks; the server, which can't know them, says UTC. */
export function Moment({ at }: { at: string }) {
  const text = useSyncExternalStore(
    never,
    () => new Date(at).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" }),
    () => `${at.slice(0, 10)} ${at.slice(11, 16)} UTC`,
  );
  return <time dateTime={at}>{text}</time>;
}
