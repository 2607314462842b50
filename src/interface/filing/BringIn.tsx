"use client";

import { filingTexts } from "@/wording/filingTexts";
import { useState } from "react";
import { laterSheet } from "../later/laterPart";
import { Button } from "../parts/Button";
import type { BringInProps } from "./BringInSheet";

const BringInSheet = laterSheet(() => import("./BringInSheet").then((part) => part.BringInSheet));

/** Brings a table in from a file, with a look at it first. */
export function BringIn(props: BringInProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>{filingTexts.bringIn}</Button>
      <BringInSheet {...props} open={open} onClose={() => setOpen(false)} />
    </>
  );
}
