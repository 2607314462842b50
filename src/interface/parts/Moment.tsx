"use client";

import { useSyncExternalStore } from "react";

const never = () => () => {};

interface Props {
  /** ISO 8601. */
  at: string;
  /** By whose clock it is meant, "Europe/Vienna"; left out for the clock of whoever looks. */
  timeZone?: string;
}

const inWords = (at: string, timeZone?: string) =>
  new Date(at).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short", timeZone });

/** A moment by a clock and calendar; the server, which can't know those of whoever looks, says UTC. */
export function Moment({ at, timeZone }: Props) {
  const text = useSyncExternalStore(
    never,
    () => inWords(at, timeZone),
    () => (timeZone ? inWords(at, timeZone) : `${at.slice(0, 10)} ${at.slice(11, 16)} UTC`),
  );
  return <time dateTime={at}>{text}</time>;
}
