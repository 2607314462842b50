"use client";

import { useState } from "react";
import { Button } from "./Button";

interface Props {
  link: string;
  words: {
    /** What the link is for, and that it is shown once. */
    readonly said: string;
    readonly link: string;
    readonly copy: string;
    readonly copied: string;
  };
}

/** A link that is shown once, to be copied. */
export function LinkOnce({ link, words }: Props) {
  const [copied, setCopied] = useState(false);
  const copy = () => void navigator.clipboard.writeText(link).then(() => setCopied(true));
  return (
    <div className="bg-wash mt-3 px-3 py-2">
      <p>{words.said}</p>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <input
          readOnly
          aria-label={words.link}
          value={link}
          onFocus={(event) => event.currentTarget.select()}
          className="border-hairline h-8 min-w-0 flex-1 rounded-md border bg-white px-2 text-sm"
        />
        <Button onClick={copy}>{words.copy}</Button>
        <span role="status">{copied && words.copied}</span>
      </div>
    </div>
  );
}
