"use client";

import { filingTexts } from "@/wording/filingTexts";
import { type DragEvent, useId, useState } from "react";

interface Props {
  accept: string;
  /** Which kinds of file there are, in a sentence. */
  kinds: string;
  reading?: string;
  problem?: string;
  onChoose: (file: File) => void;
}

/** Where a file is dropped or chosen. */
export function FileChooser({ accept, kinds, reading, problem, onChoose }: Props) {
  const id = useId();
  const [over, setOver] = useState(false);
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    const [file] = event.dataTransfer.files;
    if (file) onChoose(file);
  };
  return (
    <>
      <label
        htmlFor={id}
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={drop}
        className={`focus-within:outline-petrol block cursor-pointer rounded-md border-2 border-dashed px-6 py-10 text-center focus-within:outline-2 ${over ? "border-petrol bg-wash" : "border-hairline"}`}
      >
        <span className="text-base font-semibold">{filingTexts.dropAFileHereOr}</span>
        <span className="text-soft mt-1 block">{kinds}</span>
        <input
          id={id}
          type="file"
          accept={accept}
          aria-label={filingTexts.file}
          aria-describedby={problem ? `${id}-problem` : undefined}
          className="sr-only"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            event.target.value = "";
            if (file) onChoose(file);
          }}
        />
      </label>
      <p role="status" className="mt-3 min-h-5">
        {reading && filingTexts.readingReading({ reading })}
      </p>
      {problem && (
        <p role="alert" id={`${id}-problem`} className="text-magenta">
          {problem}
        </p>
      )}
    </>
  );
}
