"use client";

import { type ReactNode, useState } from "react";
import { asideWords, replacedWords } from "@/wording/changes";
import { sayings } from "@/wording/sayings";
import { useInvestigation } from "../store/useInvestigation";
import { AsideSheet } from "./AsideSheet";
import { ReplacedSheet } from "./ReplacedSheet";

function Line({ children, role = "status" }: { children: ReactNode; role?: "status" | "alert" }) {
  return (
    <p role={role} className="bg-magenta-wash text-ink border-magenta border-b px-5 py-1.5">
      {children}
    </p>
  );
}

function Way({ onClick, children }: { onClick: () => void; children: ReactNode }) {
  return (
    <button type="button" onClick={onClick} className="text-petrol font-semibold underline">
      {children}
    </button>
  );
}

function Aside() {
  const count = useInvestigation(({ aside }) => aside.length);
  const [open, setOpen] = useState(false);
  if (count === 0) return null;
  return (
    <>
      <Line>
        {asideWords.line(count)} <Way onClick={() => setOpen(true)}>{asideWords.see}</Way>
      </Line>
      <AsideSheet open={open} onClose={() => setOpen(false)} />
    </>
  );
}

function ReplacedWork({ investigationId }: { investigationId: string }) {
  const count = useInvestigation(({ replaced }) => replaced.length);
  const [open, setOpen] = useState(false);
  if (count === 0) return null;
  return (
    <>
      <Line>
        {replacedWords.line(count)} <Way onClick={() => setOpen(true)}>{replacedWords.see}</Way>
      </Line>
      <ReplacedSheet investigationId={investigationId} open={open} onClose={() => setOpen(false)} />
    </>
  );
}

function NearlyFull() {
  const letters = useInvestigation(({ nearlyFull }) => nearlyFull);
  if (letters === undefined) return null;
  return <Line>{sayings.refused.nearlyFull((letters / 1_000_000).toFixed(1))}</Line>;
}

/** Lines under the header: what went otherwise than hoped, what was not taken, and what was replaced. */
export function Notices({ investigationId }: { investigationId: string }) {
  const notice = useInvestigation((state) => state.notice);
  return (
    <>
      {notice && <Line role="alert">{notice}</Line>}
      <Aside />
      <ReplacedWork investigationId={investigationId} />
      <NearlyFull />
    </>
  );
}
