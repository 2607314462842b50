"use client";

import { type ReactNode, useState } from "react";
import type { SchoolReply } from "@/protocol/accounts";
import { Button } from "../parts/Button";
import { laterSheet } from "../later/laterPart";
import { useLive } from "../parts/useLive";

const AskedSheet = laterSheet(() => import("./AskedSheet").then((part) => part.AskedSheet));

interface Props {
  words: {
    readonly open: string;
    readonly title: string;
    readonly text: string;
    readonly doIt: string;
    readonly keep: string;
  };
  look?: "plain" | "quiet";
  /** Whether it is what one came for, rather than something to be warned of. */
  main?: boolean;
  /** Whether it can't be done yet. */
  barred?: boolean;
  doIt: (form: FormData) => Promise<SchoolReply>;
  children?: ReactNode;
}

/** What can't be undone, behind a button and a question. */
export function AskedTwice({ words, look = "plain", main, barred, doIt, children = null }: Props) {
  const live = useLive();
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button
        look={look}
        className={look === "quiet" ? "-ml-2.5" : ""}
        disabled={!live}
        onClick={() => setOpen(true)}
      >
        {words.open}
      </Button>
      <AskedSheet
        words={words}
        open={open}
        main={main}
        barred={barred}
        doIt={doIt}
        onClose={() => setOpen(false)}
      >
        {children}
      </AskedSheet>
    </>
  );
}
