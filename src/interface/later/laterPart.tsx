"use client";

import { type ComponentType, createElement, type ReactNode, useSyncExternalStore } from "react";
import { laterWords } from "@/wording/later";
import { Later } from "./Later";
import { useLater } from "./useLater";

const never = () => false;

/** What stands in place of a part that could not be fetched. */
function NotFetched({ again }: { again: () => void }) {
  return (
    <div role="alert" className="bg-magenta-wash border-magenta m-4 border-l-2 px-4 py-3">
      <p>{laterWords.away}</p>
      <button type="button" className="text-petrol mt-1 font-semibold underline" onClick={again}>
        {laterWords.again}
      </button>
    </div>
  );
}

interface Choices<Props> {
  /** What stands in its place until it is here; nothing where it is left out. */
  readonly waiting?: ReactNode;
  /** Whether it has something to show, so that it must be fetched; always where it is left out. */
  readonly needed?: (props: Props) => boolean;
  /** Whether nobody misses it where it can't be had: then nothing is said. */
  readonly quiet?: boolean;
}

/** A part of the page, and how to fetch it ahead. */
export type LaterPart<Props extends object> = ComponentType<Props> & {
  readonly later: Later<ComponentType<Props>>;
};

/** A part of the page whose script is fetched when it is first shown, or ahead of that. @param load imports it. */
export function laterPart<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  { waiting = null, needed = () => true, quiet = false }: Choices<Props> = {},
): LaterPart<Props> {
  const later = new Later(load);
  function Part(props: Props) {
    const wanted = needed(props);
    const Shown = useLater(later, wanted);
    const failed = useSyncExternalStore(later.subscribe, later.failed, never);
    if (Shown) return createElement(Shown, props);
    if (!wanted) return null;
    return failed && !quiet ? (
      <NotFetched again={() => void later.fetch().catch(() => {})} />
    ) : (
      waiting
    );
  }
  return Object.assign(Part, { later });
}

/** A sheet whose script is fetched when it is first opened. */
export function laterSheet<Props extends { open: boolean }>(
  load: () => Promise<ComponentType<Props>>,
): LaterPart<Props> {
  return laterPart(load, { needed: ({ open }) => open });
}
