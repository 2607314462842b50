"use client";

import { Keyboard } from "lucide-react";
import { useEffect, useState } from "react";
import { keyWords } from "@/wording/keys";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";

/** The key that opens the list of all keys. */
const keyOfList = "F1";

function Keys() {
  return (
    <div className="gap-8 min-[760px]:columns-2">
      {Object.values(keyWords.groups).map(({ title, keys }) => (
        <section key={title} aria-label={title} className="mb-5 break-inside-avoid">
          <h3 className="mb-1 font-serif text-base font-semibold">{title}</h3>
          <dl className="grid grid-cols-[minmax(8.5rem,auto)_1fr] gap-x-4 gap-y-0.5">
            {Object.values(keys).map(({ keys: key, does }) => (
              <div key={`${key} ${does}`} className="contents">
                <dt className="font-semibold">{key}</dt>
                <dd className="text-soft">{does}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </div>
  );
}

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
        aria-label={keyWords.title}
        aria-keyshortcuts={keyOfList}
        title={`${keyWords.title} (${keyOfList})`}
        onClick={() => setOpen(true)}
      >
        <Keyboard aria-hidden size={18} />
      </Button>
      <Sheet open={open} title={keyWords.title} wide onClose={() => setOpen(false)}>
        <Keys />
      </Sheet>
    </>
  );
}
