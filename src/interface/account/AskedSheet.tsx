"use client";

import type { ReactNode } from "react";
import type { SchoolReply } from "@/protocol/accounts";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { AccountForm } from "./AccountForm";

interface Props {
  open: boolean;
  onClose: () => void;
  words: {
    readonly title: string;
    readonly text: string;
    readonly doIt: string;
    readonly keep: string;
  };
  /** Whether it is what one came for, rather than something to be warned of. */
  main: boolean | undefined;
  /** Whether it can't be done yet. */
  barred: boolean | undefined;
  doIt: (form: FormData) => Promise<SchoolReply>;
  children: ReactNode;
}

/** The question before something that can't be undone. */
export function AskedSheet({ open, onClose, words, main, barred, doIt, children }: Props) {
  return (
    <Sheet
      title={words.title}
      foot={<Button onClick={onClose}>{words.keep}</Button>}
      open={open}
      onClose={onClose}
    >
      <p>{words.text}</p>
      <AccountForm act={words.doIt} done="" main={main} barred={barred} change={doIt}>
        {children}
      </AccountForm>
    </Sheet>
  );
}
