"use client";

import { writtenDate } from "@/wording/language/writtenDate";
import { useSyncExternalStore } from "react";

const never = () => () => {};

interface Props {
  /** ISO 8601. */
  at: string;
  /** By whose clock it is meant, "Europe/Vienna"; left out for the clock of whoever looks. */
  timeZone?: string;
  /** The time alone where it is today. */
  short?: boolean;
}

const inWords = (at: string, timeZone?: string) =>
  writtenDate(new Date(at), { dateStyle: "medium", timeStyle: "short", timeZone });

const isToday = (at: string) => new Date(at).toDateString() === new Date().toDateString();

const inShort = (at: string) =>
  writtenDate(
    new Date(at),
    isToday(at) ? { timeStyle: "short" } : { day: "numeric", month: "short" },
  );

/** A moment by a clock and calendar; the server, which can't know those of whoever looks, says UTC. */
export function Moment({ at, timeZone, short = false }: Props) {
  const text = useSyncExternalStore(
    never,
    () => (short ? inShort(at) : inWords(at, timeZone)),
    () => (timeZone ? inWords(at, timeZone) : `${at.slice(0, 10)} ${at.slice(11, 16)} UTC`),
  );
  return <time dateTime={at}>{text}</time>;
}
