"use client";

import { useState } from "react";
import { readInvestigationFile } from "@/intake/investigationFile";
import { fileRefusals, investigationFileProblem } from "@/wording/filing";
import { FileChooser } from "../filing/FileChooser";
import { Button } from "../parts/Button";
import { useLive } from "../parts/useLive";
import { Sheet } from "../parts/Sheet";

const mostBytes = 19 * 1_048_576;

type Bring = (text: string) => Promise<void>;

async function bringIn(file: File, bring: Bring): Promise<string | undefined> {
  if (file.size === 0) return fileRefusals.empty(file.name);
  if (file.size > mostBytes) return fileRefusals.tooLarge(file.name, file.size, mostBytes);
  const read = readInvestigationFile(await file.text());
  if (read.kind !== "document") return investigationFileProblem(read, file.name);
  await bring(JSON.stringify(read.document));
  return undefined;
}

/** Puts the file of a whole investigation on the shelf and opens it. */
export function BringInInvestigation({ bring }: { bring: Bring }) {
  const live = useLive();
  const [open, setOpen] = useState(false);
  const [reading, setReading] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const choose = (file: File) => {
    setReading(file.name);
    bringIn(file, bring)
      .then(setProblem)
      .finally(() => setReading(undefined));
  };
  const leave = () => {
    setOpen(false);
    setProblem(undefined);
  };
  return (
    <>
      <Button disabled={!live} onClick={() => setOpen(true)}>
        Bring in an investigation
      </Button>
      <Sheet open={open} onClose={leave} title="Bring in an investigation">
        <FileChooser
          accept=".json"
          kinds="A JSON file that was taken out on Measure. It becomes an investigation of its own."
          reading={reading}
          problem={problem}
          onChoose={choose}
        />
      </Sheet>
    </>
  );
}
