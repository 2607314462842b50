"use client";

import { useState } from "react";
import type { EvaluatedTable } from "@/pipeline/table/table";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { FileChooser } from "./FileChooser";
import { Preview } from "./Preview";
import { useOpenedFile } from "./useOpenedFile";

interface Props {
  /** The table in hand; one without readings gives its place to what comes in. */
  table: () => EvaluatedTable;
  onBroughtIn: (sentence: string, table: string) => void;
}

/** Brings a table in from a file, with a look at it first. */
export function BringIn({ table, onBroughtIn }: Props) {
  const [open, setOpen] = useState(false);
  const { opening, choose, again, close } = useOpenedFile();
  const leave = () => {
    setOpen(false);
    close();
  };
  return (
    <>
      <Button onClick={() => setOpen(true)}>Bring in</Button>
      <Sheet open={open} onClose={leave} title="Bring in a table" wide>
        {opening.kind === "opened" ? (
          <Preview
            key={opening.file.name}
            file={opening.file}
            table={table()}
            onAgain={again}
            onOther={close}
            onBroughtIn={(sentence, id) => {
              leave();
              onBroughtIn(sentence, id);
            }}
          />
        ) : (
          <FileChooser
            accept=".csv,.tsv,.txt,.xlsx"
            kinds="CSV, TSV or XLSX; a table that was taken out here comes back as it was."
            reading={opening.kind === "reading" ? opening.name : undefined}
            problem={opening.kind === "problem" ? opening.sentence : undefined}
            onChoose={choose}
          />
        )}
      </Sheet>
    </>
  );
}
