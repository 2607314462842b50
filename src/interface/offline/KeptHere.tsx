"use client";

import {
  createContext,
  type ReactNode,
  useContext,
  useEffect,
  useMemo,
  useSyncExternalStore,
} from "react";
import { offlineWords as words } from "@/wording/offline";
import { savesData } from "../later/freeMoment";
import { applicationIsKept, keepApplication, onKept } from "./keptApplication";
import { useCopiesHere } from "./useCopiesHere";

const KeptHereContext = createContext<ReadonlySet<string>>(new Set());

/** In ms: the shelf is shown and still before the application is put on the device. */
const settledAfter = 1_500;

/** Says of each investigation on the shelf whether it opens on this device without the server. */
export function KeptHere({ personId, children }: { personId: string; children: ReactNode }) {
  const copies = useCopiesHere(personId);
  const kept = useSyncExternalStore(onKept, applicationIsKept, () => false);
  useEffect(() => {
    const timer = setTimeout(() => void (savesData() || keepApplication()), settledAfter);
    return () => clearTimeout(timer);
  }, []);
  const here = useMemo(() => new Set(kept ? copies?.map(({ id }) => id) : []), [copies, kept]);
  return <KeptHereContext value={here}>{children}</KeptHereContext>;
}

/** Said of an investigation that opens here while the server is away. */
export function OpensHere({ id }: { id: string }) {
  if (!useContext(KeptHereContext).has(id)) return null;
  return (
    <span title={words.keptLong} className="text-petrol shrink-0">
      {words.kept}
    </span>
  );
}
