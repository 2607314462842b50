import { nanoid } from "nanoid";
import { toDecimals } from "@/core/number/writtenNumber";
import { bringInTable, type IncomingTable } from "@/investigation/acts/bringInTable";
import type { HouseRules } from "@/investigation/model/houseRules";
import { limits } from "@/investigation/model/limits";
import { plainQuantity, type Quantity } from "@/investigation/model/quantity";
import type { ReadOffChoice, Recording } from "@/investigation/model/recording";
import type { Uncertainty } from "@/investigation/model/uncertainty";
import { readingText } from "@/investigation/recordings/readingText";
import { readOffUnit } from "@/investigation/recordings/readOffUnit";
import { freeSymbol } from "@/intake/freeSymbol";
import { isRate, oddThrough, type TableOrder, type TableRow } from "@/pipeline/recordings/asTable";
import { tablingTime, tablingWords as words } from "@/wording/tabling";
import { doAct } from "../store/investigationStore";
import { callingOf } from "@/wording/readOffs";
import { askedOf, choiceInHand, wholeOf } from "./readingOff";
import type { RecordingsDesk } from "./RecordingsDesk";
import { smoothedAway, tableAway } from "./recordingsWorker";
import { sendRecordings } from "./sendRecording";
import { decimalsFor } from "@/wording/recordedNumbers";

/** A choice of the whole trimmed recording, where no stretch is in hand. */
function choiceOf(desk: RecordingsDesk, id: string): ReadOffChoice {
  const { channel, reading } = desk.state.getState();
  return choiceInHand(desk) ?? { recording: id, channel, ...wholeOf(desk, id), ...reading };
}

interface Column {
  readonly name: string;
  readonly symbol: string;
  readonly unit: string;
  readonly uncertainty: Uncertainty;
}

const unsure: Uncertainty = { kind: "none" };

/** The clock's part of a time, as a percentage; none where nothing is known of it. */
const ofClock = (clock: number): Uncertainty =>
  clock > 0 ? { kind: "percent", percent: toDecimals(100 * clock, 4) } : unsure;

function columnsOf({ how }: Recording, channel: number, order: TableOrder): readonly [Column, Column] {
  const time = { name: tablingTime(), symbol: "t", unit: "s", uncertainty: ofClock(how.clock) };
  if (how.tells === "events") {
    return [{ name: words.number, symbol: "n", unit: "", uncertainty: unsure }, { ...time, name: words.moment }];
  }
  if (how.tells === "counts") {
    return [time, { name: words.counts, symbol: "N", unit: "", uncertainty: { kind: "counting" } }];
  }
  const { name, symbol } = how.channels[channel] ?? { name: "", symbol: "y" };
  if (!isRate(order.way)) return [time, { name, symbol, unit: readOffUnit(how, { what: "mean", channel }), uncertainty: unsure }];
  const unit = readOffUnit(how, { what: "slope", channel });
  return [time, { name: words.rateOf({ name }), symbol: `R_${symbol}`, unit, uncertainty: unsure }];
} // prettier-ignore

/** Texts of the two cells of a row. */
function cellsOf(row: TableRow, { how }: Recording, unit: string, rules: HouseRules, from: number): [string, string] {
  const mark = (text: string) => (rules.decimalMark === "comma" ? text.replace(".", ",") : text);
  const time = mark(toDecimals(row.time - from, decimalsFor(how.step * 1000)));
  if (how.tells === "events") return [String(row.value), time];
  if (how.tells === "counts") return [time, String(row.value)];
  return [time, readingText({ ...row, unit }, unit, rules) ?? ""];
} // prettier-ignore

function incoming(desk: RecordingsDesk, recording: Recording & { readonly id: string }, rows: readonly TableRow[], order: TableOrder, fromFirst: boolean): IncomingTable {
  const { document } = desk.store.getState();
  const { channel } = desk.state.getState();
  const columns = columnsOf(recording, channel, order);
  const taken = new Set(Object.values(document.quantities).map(({ symbol }) => symbol));
  const quantities = columns.map((column): { id: string; quantity: Omit<Quantity, "order" | "table"> } => {
    const { name, unit, uncertainty } = column;
    const plain = plainQuantity("", "", freeSymbol(column.symbol, taken));
    taken.add(plain.symbol);
    return { id: nanoid(10), quantity: { ...plain, name, unit, uncertainty, instrument: recording.how.instrument } };
  });
  const [x, y] = quantities.map(({ id }) => id) as [string, string];
  const from = fromFirst ? (rows[0]?.time ?? 0) : 0;
  return {
    id: nanoid(10),
    name: words.tableName(callingOf(document.recordings, recording.id), order, oddThrough(order.through)),
    quantities,
    series: [],
    rows: rows.map((row) => {
      const [first, second] = cellsOf(row, recording, columns[1].unit, document.houseRules, from);
      return { id: nanoid(10), row: { readings: { [x]: first, [y]: second } } };
    }),
  };
} // prettier-ignore

/** Makes a table of the stretch in hand, or of the trimmed recording; its id, or a sentence why not. */
export async function makeTable(
  desk: RecordingsDesk,
  id: string,
  order: TableOrder,
  fromFirst: boolean,
): Promise<{ readonly table: string; readonly rows: number } | { readonly problem: string }> {
  const recording = desk.recordings[id];
  const { document } = desk.store.getState();
  if (!recording) return { problem: words.none };
  if (Object.keys(document.tables).length >= limits.tables) return { problem: words.tooManyTables };
  const asked = await askedOf(desk, recording, choiceOf(desk, id));
  const rows = asked && (await tableAway({ ...asked, order }));
  if (!rows || rows.length === 0) return { problem: words.none };
  const room = limits.rows - Object.keys(document.rows).length;
  if (rows.length > room) return { problem: words.tooMany({ rows: rows.length, room }) };
  const table = incoming(desk, { ...recording, id }, rows, order, fromFirst);
  doAct(desk.store, bringInTable, { table });
  return { table: table.id, rows: rows.length };
}

/**
 * Makes a new recording with the channel in hand and the same smoothed beside it; the readings stay as they are. The smoothed
 * channel keeps the ± of the readings that it was made from: values near each other share their noise.
 */
export async function makeSmoothed(
  desk: RecordingsDesk,
  id: string,
  through: number,
): Promise<string | undefined> {
  const recording = desk.recordings[id];
  const { channel, reading } = desk.state.getState();
  const held = recording?.how.channels[channel];
  if (!recording || !held) return words.none;
  const untouched = { ...recording, trim: { from: null, to: null }, aside: {} };
  const choice = { recording: id, channel, ...wholeOf(desk, id), ...reading };
  const asked = await askedOf(desk, untouched, choice);
  if (!asked) return words.none;
  const order: TableOrder = { way: "savitzky-golay", every: 1, through };
  const smooth = await smoothedAway({ ...asked, order });
  const name = words
    .smoothedChannel({ name: held.name, through: oddThrough(through) })
    .slice(0, 80);
  const described = { ...held, name, symbol: `${held.symbol}_s`.slice(0, 80) };
  const how = { ...recording.how, channels: [held, described] };
  const channels = [Float32Array.from(asked.recorded.values), smooth];
  const sending = { name: words.smoothedName({ recording: callingOf(desk.recordings, id) }), onProgress: () => undefined, signal: new AbortController().signal }; // prettier-ignore
  return (await sendRecordings(desk, [{ how, channels }], sending)).problem;
}
