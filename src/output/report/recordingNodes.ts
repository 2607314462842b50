import { reasonText } from "@/wording/settingAside";
import { columnsOf } from "@/core/recording/outline";
import { writeStatement, writeWithoutPower } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import { traceFigure } from "@/figure/layout/traceFigure";
import { inOrder } from "@/investigation/model/order";
import type { ReadOffEntry, Recording } from "@/investigation/model/recording";
import { figuresOfReading, inUnit } from "@/investigation/recordings/readingText";
import { marked } from "@/pipeline/lines/lineEquation";
import { lastingOf } from "@/pipeline/recordings/stretch";
import { momentText, rateText } from "@/wording/recordedNumbers";
import { callingOf, nameOfReadOff, placeOfReadOff } from "@/wording/readOffs";
import { readingOffWords, recordingWords, reportedRecording } from "@/wording/recordings";
import type { ReportContext } from "./reportContext";
import { reportTexts } from "@/wording/reportTexts";
import {
  type ReportCell,
  type ReportHead,
  type ReportNode,
  type ReportTable,
  tableNode,
} from "./report";

const words = readingOffWords.table;
const width = 440;

/** How long a recording lasts, in s; of events until the last one that its outline holds. */
function lasting({ how, readings, outline }: Recording): number {
  return lastingOf(how, readings, outline[0]?.greatest);
}

/** The stretches of what was read off a recording; of another channel's no place on this one's trace. */
function entriesOf(id: string, { document }: ReportContext, channel: number) {
  return inOrder(document.readOffs)
    .filter(([, one]) => one.recording === id)
    .map(([, { from, to, channel: own }]) => (own === channel ? { from, to } : { from: 0, to: 0 }));
}

/** The trace of each channel, with what takes no part pale and a bracket over what was read off. */
function traces(
  id: string,
  recording: Recording,
  name: string,
  context: ReportContext,
): ReportNode[] {
  const { rules } = context;
  const { how, trim, aside, outline } = recording;
  const whole = lasting(recording);
  return how.channels.map((channel, at): ReportNode => {
    const scene = traceFigure(
      {
        columns: outline[at] ? columnsOf(outline[at]) : [],
        lasting: whole,
        trim: { from: trim.from ?? 0, to: trim.to ?? whole },
        aside: Object.values(aside),
        readOff: entriesOf(id, context, at),
        events: how.tells === "events",
        y: { symbol: writeSymbol(channel.symbol), unit: writeUnitText(channel.unit) },
        headings: rules.headings,
        mark: rules.decimalMark,
      },
      width,
    );
    const of = how.channels.length > 1 ? `${name}: ${channel.name}` : name;
    return {
      kind: "number-line",
      scene,
      description: reportedRecording.described({
        name: of,
        lasting: momentText(whole, whole, rules),
      }),
    };
  });
}

function sentences({ how, readings, trim, aside, outline }: Recording, { rules }: ReportContext): string {
  const whole = lastingOf(how, readings, outline[0]?.greatest);
  const time = (at: number | null) => (at === null ? undefined : momentText(at, whole, rules));
  const set = Object.values(aside).sort((a, b) => a.from - b.from);
  return [
    recordingWords.how.sentence(how, readings, rateText(how, rules)),
    reportedRecording.trimmed(time(trim.from), time(trim.to)),
    ...set.map(({ from, to, reason }) => reportedRecording.aside(time(from) ?? "", time(to) ?? "", reasonText(reason))),
  ]
    .filter(Boolean)
    .join(" ");
} // prettier-ignore

/** "0.7284 ± 0.0006 s", with the unit in the cell: rows of this table are of different kinds. */
function valueCell(entry: ReadOffEntry, { rules }: ReportContext): ReportCell {
  const found = inUnit(entry, entry.unit, rules);
  if (!found) return { runs: [{ text: words.missing }] };
  const unit: RunText = entry.unit === "" ? [] : [{ text: " " }, ...writeUnitText(entry.unit)];
  const { value, uncertainty } = found;
  if (!uncertainty) {
    const plain = Number.isInteger(value) ? value : Number(value.toPrecision(4));
    return { runs: [...marked([{ text: writeWithoutPower(plain) }], rules), ...unit] };
  }
  const stated = writeStatement(value, uncertainty, figuresOfReading(rules));
  const raised: RunText = stated.exponent === undefined ? [] : [{ text: " × 10" }, { text: String(stated.exponent).replace("-", "−"), script: "super" }]; // prettier-ignore
  const pair = `${stated.value} ± ${stated.uncertainty}`;
  const text = stated.exponent === undefined ? pair : `(${pair})`;
  return { runs: [...marked([{ text }], rules), ...raised, ...unit] };
}

function entryRow(
  number: number,
  entry: ReadOffEntry,
  recording: Recording,
  context: ReportContext,
): ReportCell[] {
  const { rules, document } = context;
  const span = entry.to - entry.from;
  const place = placeOfReadOff(document, entry);
  return [
    { runs: [{ text: `${number}. ${nameOfReadOff(entry, recording.how, rules)}` }] },
    { runs: [{ text: momentText(entry.from, span, rules) }] },
    { runs: [{ text: momentText(entry.to, span, rules) }] },
    valueCell(entry, context),
    { runs: place ? place.text : [{ text: words.nowhere }] },
  ];
}

function readOffTable(id: string, recording: Recording, context: ReportContext): ReportTable {
  const { headings } = context.rules;
  const inSeconds = (name: string) => (headings === "slash" ? `${name} / s` : `${name} (s)`);
  const head = (text: string): ReportHead => ({ runs: [{ text }], span: 1 });
  const entries = inOrder(context.document.readOffs).filter(([, one]) => one.recording === id);
  return {
    heads: [[head(words.what), head(inSeconds(words.fromPlain)), head(inSeconds(words.toPlain)), head(words.value), head(words.goesTo)]],
    grouped: reportTexts.series,
    groups: entries.length === 0 ? [] : [{ rows: entries.map(([, entry], i) => entryRow(i + 1, entry, recording, context)) }],
    notes: [],
  };
} // prettier-ignore

/** What a report shows of a recording: how it was taken, its trace, and what was read off it. Empty where it is gone. */
export function recordingNodes(id: string, block: string, context: ReportContext): ReportNode[] {
  const recording = context.document.recordings[id];
  if (!recording || recording.outline.length === 0) return [];
  const name = callingOf(context.document.recordings, id);
  const table = readOffTable(id, recording, context);
  return [
    { kind: "heading", text: name },
    { kind: "paragraph", inlines: [{ kind: "text", text: sentences(recording, context) }] },
    ...traces(id, recording, name, context),
    {
      kind: "paragraph",
      inlines: [
        {
          kind: "text",
          text: `${reportedRecording.figure({ number: context.numbers.get(`figure:${id}`) ?? 0 })} `,
          marks: ["bold"],
        },
        { kind: "text", text: reportedRecording.drawn(name, recording.how.tells === "events") },
      ],
    },
    ...(table.groups.length === 0
      ? []
      : [
          tableNode(
            `table:${block}`,
            context.numbers.get(`table:${block}`) ?? 0,
            [{ text: reportedRecording.table({ name }) }],
            table,
          ),
        ]),
  ];
}
