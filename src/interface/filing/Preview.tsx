"use client";

import { filingTexts } from "@/wording/filingTexts";
import { nanoid } from "nanoid";
import { useMemo, useState } from "react";
import { bringInTable } from "@/investigation/acts/bringInTable";
import type { Investigation } from "@/investigation/model/investigation";
import type { Cells } from "@/intake/cellKinds";
import { type Delimiter, delimiters } from "@/intake/cells";
import { type Encoding, encodings } from "@/intake/decodeText";
import {
  type Incoming,
  incomingTable,
  proposedReading,
  type Reading,
  repeatedIn,
  takenSymbols,
} from "@/intake/incoming";
import {
  describedTable,
  type GivenHeadings,
  type HeadingPart,
  withFreeSymbols,
} from "@/intake/describedTable";
import { rowsForOne } from "@/intake/thinnedRows";
import { cellsInRange } from "@/intake/workbook";
import type { EvaluatedTable } from "@/pipeline/table/table";
import {
  delimiterNames,
  encodingNames,
  fileRefusals,
  incomingProblem,
  incomingSentence,
  thinningWords,
  sheetNotes,
} from "@/wording/filing";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { useActs, useInvestigationStore } from "../store/useInvestigation";
import { PreviewTable } from "./PreviewTable";
import { named, ReadingChoices, type ReadingProps } from "./ReadingChoices";
import type { OpenedFile } from "./useOpenedFile";

type TextFile = Extract<OpenedFile, { kind: "text" }>;
type WorkbookFile = Extract<OpenedFile, { kind: "workbook" }>;

interface Props {
  file: OpenedFile;
  table: EvaluatedTable;
  onAgain: (file: TextFile, encoding: Encoding, delimiter?: Delimiter) => void;
  onOther: () => void;
  onBroughtIn: (sentence: string, table: string) => void;
}

function TextChoices({ file, onAgain }: { file: TextFile; onAgain: Props["onAgain"] }) {
  return (
    <>
      <Choice
        label={filingTexts.encoding}
        value={file.encoding}
        options={named(encodings, encodingNames)}
        onChange={(encoding) => onAgain(file, encoding, file.delimiter)}
      />
      <Choice
        label={filingTexts.cellsArePartedBy}
        value={file.delimiter}
        options={named(delimiters, delimiterNames)}
        onChange={(delimiter) => onAgain(file, file.encoding, delimiter)}
      />
    </>
  );
}

interface Stretch {
  readonly sheet: number;
  readonly range: string;
}

interface SheetProps {
  file: WorkbookFile;
  stretch: Stretch;
  onStretch: (stretch: Stretch) => void;
}

function SheetChoices({ file, stretch, onStretch }: SheetProps) {
  const sheet = file.sheets[stretch.sheet];
  const options = file.sheets.map(({ name }, index) => ({ value: String(index), label: name }));
  const unread = sheet && stretch.range !== "" && !cellsInRange(sheet.cells, stretch.range);
  return (
    <>
      <Choice
        label={filingTexts.sheet}
        value={String(stretch.sheet)}
        options={options}
        onChange={(index) => onStretch({ sheet: Number(index), range: "" })}
      />
      <TextField
        label={filingTexts.stretchOfCells}
        value={stretch.range}
        placeholder={sheet?.range ?? ""}
        problem={unread ? fileRefusals.noRange : undefined}
        onChange={(range) => onStretch({ ...stretch, range })}
      />
    </>
  );
}

function cellsOf(file: OpenedFile, { sheet: index, range }: Stretch): Cells {
  if (file.kind === "text") return file.cells;
  const sheet = file.sheets[index];
  if (!sheet) return [];
  return cellsInRange(sheet.cells, range || sheet.range) ?? [];
}

/** The name of the table: the sheet's, or the file's without its ending. */
function nameOf(file: OpenedFile, { sheet }: Stretch): string {
  const own = file.name.replace(/\.[^.]+$/, "");
  return file.kind === "workbook" && file.sheets.length > 1
    ? (file.sheets[sheet]?.name ?? own)
    : own;
}

function useIncoming(file: OpenedFile, stretch: Stretch) {
  const store = useInvestigationStore();
  const cells = useMemo(() => cellsOf(file, stretch), [file, stretch]);
  const [chosen, setChosen] = useState<{ cells: Cells; reading: Reading }>();
  const proposed = useMemo(() => proposedReading(cells), [cells]);
  const reading = chosen?.cells === cells ? chosen.reading : proposed;
  const incoming: Incoming = useMemo(
    () =>
      incomingTable(cells, reading, nameOf(file, stretch), store.getState().document, () =>
        nanoid(10),
      ),
    [cells, reading, file, stretch, store],
  );
  const repeated = repeatedIn(cells, reading).length > 0;
  const key = `${reading.headingLines}/${reading.numbered}/${reading.words}/${stretch.sheet}/${stretch.range}`;
  const [headings, setHeadings] = useState<{ key: string; given: GivenHeadings }>();
  const given = headings?.key === key ? headings.given : {};
  const describe = (place: number, part: HeadingPart, text: string) =>
    setHeadings({ key, given: { ...given, [`${place}/${part}`]: text } });
  return {
    reading,
    incoming,
    choices: {
      reading,
      repeated,
      worded: incoming.kind === "table" && incoming.words !== undefined,
    },
    given,
    describe,
    setReading: (next: Reading) => setChosen({ cells, reading: next }),
  };
}

/** A file with more rows than there is room for: fewer of them, on request. */
function Fewer({
  incoming,
  reading,
  onReading,
}: { incoming: Incoming } & Omit<ReadingProps, "repeated" | "worded">) {
  if (incoming.kind !== "too-many-rows" || incoming.most < 1) return null;
  const each = rowsForOne(incoming.rows, incoming.most);
  return (
    <div className="flex flex-wrap gap-2 pb-2">
      {(["every", "means"] as const).map((thinning) => (
        <Button key={thinning} onClick={() => onReading({ ...reading, thinning })}>
          {thinningWords[thinning]({ each })}
        </Button>
      ))}
    </div>
  );
}

/** The table as it is brought in: one that was taken out here as it was, another with the headings that were given. */
function broughtTable(
  { table, own }: Extract<Incoming, { kind: "table" }>,
  given: GivenHeadings,
  document: Investigation,
) {
  return own ? table : withFreeSymbols(describedTable(table, given), table, takenSymbols(document));
}

/** What a file holds and how it is understood, before it is brought in. */
export function Preview({ file, table, onAgain, onOther, onBroughtIn }: Props) {
  const { act } = useActs();
  const [stretch, setStretch] = useState<Stretch>({ sheet: 0, range: "" });
  const { reading, incoming, choices, given, describe, setReading } = useIncoming(file, stretch);
  const store = useInvestigationStore();
  const isEmpty = table.rows.every(({ row }) => Object.keys(row.readings).length === 0);
  const problem = incomingProblem(incoming);
  const bringIn = () => {
    if (incoming.kind !== "table") return;
    const brought = broughtTable(incoming, given, store.getState().document);
    act(bringInTable, { table: brought, ...(isEmpty && { instead: table.id }) });
    const what = incomingSentence(incoming);
    onBroughtIn(filingTexts.broughtIn({ name: file.name, what }), isEmpty ? table.id : brought.id);
  };
  return (
    <>
      <p className="mb-3 font-semibold">{file.name}</p>
      <div className="mb-3 grid grid-cols-2 gap-3 min-[760px]:grid-cols-4">
        {file.kind === "text" ? (
          <TextChoices file={file} onAgain={onAgain} />
        ) : (
          <SheetChoices file={file} stretch={stretch} onStretch={setStretch} />
        )}
        {!(incoming.kind === "table" && incoming.own) && (
          <ReadingChoices {...choices} onReading={setReading} />
        )}
      </div>
      {file.kind === "workbook" && file.sheets[stretch.sheet] && (
        <ul className="text-soft mb-2">
          {sheetNotes(file.sheets[stretch.sheet]!).map((note) => (
            <li key={note}>{note}</li>
          ))}
        </ul>
      )}
      {incoming.kind === "table" && (
        <PreviewTable
          table={describedTable(incoming.table, given)}
          onDescribe={incoming.own ? undefined : describe}
        />
      )}
      {problem && (
        <p role="alert" className="text-magenta py-2">
          {problem}
        </p>
      )}
      <Fewer incoming={incoming} reading={reading} onReading={setReading} />
      <div className="mt-3 flex flex-wrap items-center justify-end gap-2">
        <span role="status" className="mr-auto">
          {incoming.kind === "table" && incomingSentence(incoming)}
        </span>
        <Button onClick={onOther}>{filingTexts.anotherFile}</Button>
        <Button look="main" disabled={incoming.kind !== "table"} onClick={bringIn}>
          {isEmpty ? filingTexts.bringIn : filingTexts.bringInAsANew}
        </Button>
      </div>
    </>
  );
}
