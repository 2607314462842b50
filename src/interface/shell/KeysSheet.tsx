"use client";

import { keyWords } from "@/wording/keys";
import { shellTexts } from "@/wording/shellTexts";
import { Sheet } from "../parts/Sheet";

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

/** The list of all keys. */
export function KeysSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Sheet open={open} title={shellTexts.allKeys} wide onClose={onClose}>
      <Keys />
    </Sheet>
  );
}
