"use client";

import { useEffect, useState } from "react";
import { offlineWords as words } from "@/wording/offline";
import { Button } from "../parts/Button";
import { useInvestigation } from "../store/useInvestigation";
import { onNewer } from "./keptApplication";

/** Offers a newer version once nothing waits for the server: the window loads anew with it. */
export function NewerVersion() {
  const [take, setTake] = useState<() => void>();
  const kept = useInvestigation(
    ({ saving, pending }) => saving.kind === "kept" && pending.length === 0,
  );
  useEffect(() => onNewer((taking) => setTake(() => taking)), []);
  if (!take || !kept) return null;
  return (
    <p
      role="status"
      className="bg-wash border-hairline flex flex-wrap items-center gap-3 border-b px-5 py-1.5"
    >
      {words.newer} <Button onClick={take}>{words.take}</Button>
    </p>
  );
}
