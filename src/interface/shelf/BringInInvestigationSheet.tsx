"use client";

import { shelfTexts } from "@/wording/shelfTexts";
import { useState } from "react";
import { readInvestigationFile } from "@/intake/investigationFile";
import { fileRefusals, tooLarge, investigationFileProblem } from "@/wording/filing";
import { FileChooser } from "../filing/FileChooser";
import { Sheet } from "../parts/Sheet";

const mostBytes = 19 * 1_048_576;

type Bring = (text: string) => Promise<void>;

async function bringIn(file: File, bring: Bring): Promise<string | undefined> {
  if (file.size === 0) return fileRefusals.empty({ name: file.name });
  if (file.size > mostBytes) return tooLarge(file.name, file.size, mostBytes);
  const read = readInvestigationFile(await file.text());
  if (read.kind !== "document") return investigationFileProblem(read, file.name);
  await bring(JSON.stringify(read.document));
  return undefined;
}

interface Props {
  open: boolean;
  onClose: () => void;
  bring: Bring;
}

/** The file of a whole investigation to choose, and what is wrong with it. */
export function BringInInvestigationSheet({ open, onClose, bring }: Props) {
  const [reading, setReading] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const choose = (file: File) => {
    setReading(file.name);
    bringIn(file, bring)
      .then(setProblem)
      .finally(() => setReading(undefined));
  };
  const leave = () => {
    onClose();
    setProblem(undefined);
  };
  return (
    <Sheet open={open} onClose={leave} title={shelfTexts.bringInAnInvestigation}>
      <FileChooser
        accept=".json"
        kinds={shelfTexts.aJsonFileThatWas}
        reading={reading}
        problem={problem}
        onChoose={choose}
      />
    </Sheet>
  );
}
