"use client";

import { Keyboard } from "lucide-react";
import { useEffect, useState } from "react";
import { shellTexts } from "@/wording/shellTexts";
import { laterSheet } from "../later/laterPart";
import { Button } from "../parts/Button";

const KeysSheet = laterSheet(() => import("./KeysSheet").then((part) => part.KeysSheet));

/** The key that opens the list of all keys. */
const keyOfList = "F1";

/** The list of all keys, by its button and by its key from anywhere. */
export function KeysButton() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== keyOfList || event.altKey || event.ctrlKey || event.metaKey) return;
      event.preventDefault();
      setOpen((before) => !before);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
  return (
    <>
      <Button
        look="quiet"
        className="px-1.5!"
        aria-label={shellTexts.allKeys}
        aria-keyshortcuts={keyOfList}
        title={`${shellTexts.allKeys} (${keyOfList})`}
        onClick={() => setOpen(true)}
      >
        <Keyboard aria-hidden size={18} />
      </Button>
      <KeysSheet open={open} onClose={() => setOpen(false)} />
    </>
  );
}
