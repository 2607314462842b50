"use client";

import { filingTexts } from "@/wording/filingTexts";
import type { EvaluatedTable } from "@/pipeline/table/table";
import { Sheet } from "../parts/Sheet";
import { FileChooser } from "./FileChooser";
import { Preview } from "./Preview";
import { useOpenedFile } from "./useOpenedFile";

export interface BringInProps {
  /** The table in hand; one without readings gives its place to what comes in. */
  table: () => EvaluatedTable;
  onBroughtIn: (sentence: string, table: string) => void;
}

interface Props extends BringInProps {
  open: boolean;
  onClose: () => void;
}

/** A file to choose, and a look at the table in it. */
export function BringInSheet({ open, onClose, table, onBroughtIn }: Props) {
  const { opening, choose, again, close } = useOpenedFile();
  const leave = () => {
    onClose();
    close();
  };
  return (
    <Sheet open={open} onClose={leave} title={filingTexts.bringInATable} wide>
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
          kinds={filingTexts.csvTsvOrXlsxA}
          reading={opening.kind === "reading" ? opening.name : undefined}
          problem={opening.kind === "problem" ? opening.sentence : undefined}
          onChoose={choose}
        />
      )}
    </Sheet>
  );
}
