"use client";

import { type ReactNode, useState } from "react";
import { asideWords, replacedWords } from "@/wording/changes";
import { sayings } from "@/wording/sayings";
import { NewerVersion } from "../offline/NewerVersion";
import { useInvestigation } from "../store/useInvestigation";
import { ReplacedLine } from "./ReplacedLine";
import { laterSheet } from "../later/laterPart";

const ReplacedSheet = laterSheet(() =>
  import("./ReplacedSheet").then((part) => part.ReplacedSheet),
);
const AsideSheet = laterSheet(() => import("./AsideSheet").then((part) => part.AsideSheet));

function Line({ children, role = "status" }: { children: ReactNode; role?: "status" | "alert" }) {
  return (
    <p role={role} className="bg-magenta-wash text-ink border-magenta border-b px-5 py-1.5">
      {children}
    </p>
  );
}

interface ListedProps {
  count: number;
  words: { readonly line: (values: { count: number }) => string; readonly see: string };
  /** The list that the line leads to. */
  list: (open: boolean, onClose: () => void) => ReactNode;
}

/** A line that stays as long as something is on its list. */
function Listed({ count, words, list }: ListedProps) {
  const [open, setOpen] = useState(false);
  if (count === 0) return null;
  return (
    <>
      <Line>
        {words.line({ count })}{" "}
        <button
          type="button"
          onClick={() => setOpen(true)}
          className="text-petrol font-semibold underline"
        >
          {words.see}
        </button>
      </Line>
      {list(open, () => setOpen(false))}
    </>
  );
}

function NearlyFull() {
  const letters = useInvestigation(({ nearlyFull }) => nearlyFull);
  if (letters === undefined) return null;
  return <Line>{sayings.refused.nearlyFull({ megabytes: (letters / 1_000_000).toFixed(1) })}</Line>;
}

/** Lines under the header: what went otherwise than hoped, what was not taken, and what was replaced. */
export function Notices({ investigationId }: { investigationId: string }) {
  const notice = useInvestigation((state) => state.notice);
  const aside = useInvestigation((state) => state.aside.length);
  const replaced = useInvestigation((state) => state.replaced);
  const [only] = replaced;
  const alone = replaced.length === 1 && only?.side === "lost" ? only : undefined;
  return (
    <>
      {notice && <Line role="alert">{notice}</Line>}
      <Listed
        count={aside}
        words={asideWords}
        list={(open, onClose) => <AsideSheet open={open} onClose={onClose} />}
      />
      {alone && (
        <Line>
          <ReplacedLine investigationId={investigationId} one={alone} />
        </Line>
      )}
      <Listed
        count={alone ? 0 : replaced.length}
        words={replacedWords}
        list={(open, onClose) => (
          <ReplacedSheet investigationId={investigationId} open={open} onClose={onClose} />
        )}
      />
      <NearlyFull />
      <NewerVersion />
    </>
  );
}
