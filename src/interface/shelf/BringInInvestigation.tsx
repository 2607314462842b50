"use client";

import { shelfTexts } from "@/wording/shelfTexts";
import { useState } from "react";
import { laterSheet } from "../later/laterPart";
import { Button } from "../parts/Button";
import { useLive } from "../parts/useLive";

const BringInInvestigationSheet = laterSheet(() =>
  import("./BringInInvestigationSheet").then((part) => part.BringInInvestigationSheet),
);

/** Puts the file of a whole investigation on the shelf and opens it. */
export function BringInInvestigation({ bring }: { bring: (text: string) => Promise<void> }) {
  const live = useLive();
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button disabled={!live} onClick={() => setOpen(true)}>
        {shelfTexts.bringInAnInvestigation}
      </Button>
      <BringInInvestigationSheet open={open} onClose={() => setOpen(false)} bring={bring} />
    </>
  );
}
