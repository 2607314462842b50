"use client";

import { recordingsTexts } from "@/wording/recordingsTexts";
import { useRef, useState } from "react";
import { readNumber } from "@/core/number/readNumber";
import { recordingLimits } from "@/protocol/recordings";
import { loggerWords as words } from "@/wording/loggers";
import { FileChooser } from "../filing/FileChooser";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { TextField } from "../parts/TextField";
import { Tick } from "../parts/Tick";
import { useHouseRules } from "../store/useEvaluated";
import {
  FileReading,
  type FromFile,
  type LoggerColumn,
  type LoggerFile,
  openLoggerFile,
} from "./loggerFile";
import { useDesk } from "./RecordingsProvider";
import { sendRecordings } from "./sendRecording";
import { HowFar } from "../parts/HowFar";

type TextFile = Extract<LoggerFile, { kind: "text" }>;

type State =
  | { readonly kind: "choosing"; readonly problem?: string }
  | { readonly kind: "looking"; readonly file: TextFile }
  | { readonly kind: "working"; readonly sentence: string; readonly part: number };

interface ColumnProps {
  column: LoggerColumn;
  taken: boolean;
  full: boolean;
  onTake: (taken: boolean) => void;
  onChange: (part: Partial<LoggerColumn["channel"]>) => void;
}

/** A column of the file: whether it is taken, and what it is called. */
function Column({ column: { channel, column }, taken, full, onTake, onChange }: ColumnProps) {
  return (
    <li className="grid grid-cols-[minmax(9rem,1fr)_2fr_5rem_6rem] items-end gap-2 py-1">
      <Tick
        label={words.choose({ name: channel.name || recordingsTexts.columnColumn({ column: column + 1 }) })}
        checked={taken}
        disabled={!taken && full}
        onChange={onTake}
      />
      {taken && (
        <>
          <TextField label={words.name} value={channel.name} onChange={(name) => onChange({ name: name.slice(0, 80) })} />
          <TextField label={words.symbol} value={channel.symbol} onChange={(symbol) => onChange({ symbol: symbol.slice(0, 80) })} />
          <TextField label={words.unit} value={channel.unit} onChange={(unit) => onChange({ unit: unit.slice(0, 80) })} />
        </>
      )}
    </li>
  );
} // prettier-ignore

interface LookProps {
  file: TextFile;
  onBringIn: (columns: readonly LoggerColumn[], step: number) => void;
  onOther: () => void;
}

/** What stands in the file, and which of it becomes a recording. */
function Look({ file, onBringIn, onOther }: LookProps) {
  const rules = useHouseRules();
  const [columns, setColumns] = useState(file.columns);
  const [taken, setTaken] = useState<ReadonlySet<number>>(
    () => new Set(file.columns.slice(0, recordingLimits.channels).map(({ column }) => column)),
  );
  const [rate, setRate] = useState("1");
  const { head } = file;
  const read = readNumber(rate, rules.decimalMark);
  const perSecond = read.kind === "number" ? read.number.value : NaN;
  const timed = head.timeColumn !== undefined;
  const heading = head.names[head.timeColumn ?? -1] ?? "";
  const take = (column: number, wanted: boolean) =>
    setTaken(new Set(wanted ? [...taken, column] : [...taken].filter((one) => one !== column)));
  const ready = taken.size > 0 && (timed || perSecond > 0);
  const timeSentence = heading ? words.time({ heading }) : words.timeUnnamed;
  return (
    <div className="grid gap-3">
      <p>
        {words.found({ name: file.file.name, columns: columns.length })}{" "}
        {columns.length > recordingLimits.channels && words.most}{" "}
        {timed ? timeSentence : words.noTimes}
      </p>
      {!timed && (
        <TextField label={words.rate} value={rate} onChange={setRate} className="max-w-40" />
      )}
      <ul>
        {columns.map((column, at) => (
          <Column
            key={column.column}
            column={column}
            taken={taken.has(column.column)}
            full={taken.size >= recordingLimits.channels}
            onTake={(wanted) => take(column.column, wanted)}
            onChange={(part) =>
              setColumns(columns.with(at, { ...column, channel: { ...column.channel, ...part } }))
            }
          />
        ))}
      </ul>
      <div className="flex gap-2">
        <Button
          look="main"
          disabled={!ready}
          onClick={() =>
            onBringIn(
              columns.filter(({ column }) => taken.has(column)),
              timed ? 1 : 1 / perSecond,
            )
          }
        >
          {words.bringIn}
        </Button>
        <Button onClick={onOther}>{words.other}</Button>
      </div>
    </div>
  );
}

/** How far it is, and the way to give it up. */
function Working({ sentence, part, onGiveUp }: Omit<Extract<State, { kind: "working" }>, "kind"> & { onGiveUp: () => void }) {
  return (
    <div className="flex items-center gap-3 py-6">
      <p role="status">{sentence}</p>
      <HowFar part={part} label={sentence} className="min-w-24 flex-1" />
      <Button onClick={onGiveUp}>{words.giveUp}</Button>
    </div>
  );
} // prettier-ignore

/** Reads a file and brings what it holds to the server, as long as nobody gives it up. */
function useBringing(onDone: (sentence: string) => void) {
  const desk = useDesk();
  const [state, setState] = useState<State>({ kind: "choosing" });
  const giveUp = useRef<() => void>(() => undefined);
  const work = async (name: string, read: (reading: FileReading, onPart: (part: number) => void) => Promise<FromFile>) => {
    const reading = new FileReading();
    const ending = new AbortController();
    giveUp.current = () => {
      ending.abort();
      reading.giveUp();
      setState({ kind: "choosing" });
    };
    const tell = (sentence: string) => (part: number) => {
      if (!ending.signal.aborted) setState({ kind: "working", sentence, part });
    };
    tell(words.reading({ name }))(0);
    const { recordings, said } = await read(reading, tell(words.reading({ name })));
    if (ending.signal.aborted) return;
    const onProgress = tell(words.sending({ name }));
    const { count, problem } = await sendRecordings(desk, recordings, { name: name.replace(/\.[^.]*$/, ""), onProgress, signal: ending.signal });
    if (ending.signal.aborted) return;
    setState({ kind: "choosing", ...(count === 0 && { problem: [problem, ...said].filter(Boolean).join(" ") }) });
    if (count > 0) onDone([words.done({ count }), ...said, problem].filter(Boolean).join(" "));
  };
  const choose = async (file: File) => {
    const opened = await openLoggerFile(file);
    if ("problem" in opened) return setState({ kind: "choosing", problem: opened.problem });
    if (opened.kind === "text") return setState({ kind: "looking", file: opened });
    await work(file.name, (reading) => reading.sound(opened));
  };
  const bringIn = (file: TextFile, columns: readonly LoggerColumn[], step: number) =>
    work(file.file.name, (reading, onPart) => reading.text(file, columns, step, onPart));
  return { state, setState, choose, bringIn, giveUp: () => giveUp.current() };
} // prettier-ignore

/** Brings a recording in from the file of a logger, with a look at it first. */
export function BringInRecording({ onSaid }: { onSaid: (sentence: string) => void }) {
  const [open, setOpen] = useState(false);
  const { state, setState, choose, bringIn, giveUp } = useBringing((sentence) => {
    setOpen(false);
    onSaid(sentence);
  });
  const close = () => {
    giveUp();
    setState({ kind: "choosing" });
    setOpen(false);
  };
  return (
    <>
      <Button onClick={() => setOpen(true)}>{words.open}</Button>
      <Sheet open={open} onClose={close} title={words.title} wide>
        {state.kind === "looking" && (
          <Look
            key={state.file.file.name}
            file={state.file}
            onBringIn={(columns, step) => void bringIn(state.file, columns, step)}
            onOther={() => setState({ kind: "choosing" })}
          />
        )}
        {state.kind === "working" && <Working {...state} onGiveUp={giveUp} />}
        {state.kind === "choosing" && (
          <FileChooser
            accept=".csv,.tsv,.txt,.wav"
            kinds={words.kinds}
            {...(state.problem !== undefined && { problem: state.problem })}
            onChoose={(file) => void choose(file)}
          />
        )}
      </Sheet>
    </>
  );
}
