"use client";

import { Lock } from "lucide-react";
import type { ReactNode } from "react";
import { type FixablePart, isFixed } from "@/investigation/model/fixedParts";
import { briefWords } from "@/wording/briefs";
import { useInvestigation } from "../store/useInvestigation";

/** Whether a part stays as it is here: the brief fixes it, and a bench works by that. */
export function useFixed(kind: FixablePart["kind"], of = ""): boolean {
  return useInvestigation(({ ofBench, document }) => ofBench && isFixed(document, { kind, of }));
}

/** A lock that says why something stays as it is. */
export function FixedLock() {
  const { given } = briefWords.fixed;
  return <Lock role="img" aria-label={given} size={13} className="text-soft inline shrink-0" />;
}

interface Props {
  kind: FixablePart["kind"];
  of?: string;
  children: ReactNode;
}

/** Fields of a part: where the brief fixes it they can be read, and it says so. */
export function Fixed({ kind, of = "", children }: Props) {
  const fixed = useFixed(kind, of);
  if (!fixed) return children;
  return (
    <fieldset disabled className="contents">
      <legend className="contents">
        <span className="text-soft col-span-2 flex items-center gap-1.5 text-xs">
          <FixedLock /> {briefWords.fixed.given}
        </span>
      </legend>
      {children}
    </fieldset>
  );
}
