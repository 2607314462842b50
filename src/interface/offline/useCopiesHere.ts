"use client";

import { useEffect, useState } from "react";
import { type CopyHere, copiesOf } from "../store/deviceCopy";

/** What this device holds of a person's investigations; undefined until it is known. */
export function useCopiesHere(personId: string | null): readonly CopyHere[] | undefined {
  const [copies, setCopies] = useState<readonly CopyHere[]>();
  useEffect(() => {
    let current = true;
    const found = personId === null ? Promise.resolve([]) : copiesOf(personId).catch(() => []);
    void found.then((all) => current && setCopies(all));
    return () => {
      current = false;
    };
  }, [personId]);
  return copies;
}
