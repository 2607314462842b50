import { nanoid } from "nanoid";
import { bringReadOff } from "@/investigation/acts/bringReadOff";
import {
  type Destination,
  readEachOff,
  readOff,
  type TakenOff,
} from "@/investigation/acts/readOff";
import type { Investigation } from "@/investigation/model/investigation";
import { limits } from "@/investigation/model/limits";
import { inOrder } from "@/investigation/model/order";
import type { RecordingDescription } from "@/investigation/model/recording";
import { cellKey, cellPlace, cellsOfQuantity } from "@/investigation/model/row";
import {
  nextPlace,
  type Place,
  placeInRow,
  placesFrom,
  readQuantities,
  takesUnit,
} from "@/investigation/recordings/destination";
import { freeSymbol } from "@/intake/freeSymbol";
import { doAct } from "../store/investigationStore";
import type { Reading, Wish } from "./deskState";
import { readingOffWords } from "@/wording/recordings";
import { askedOf, cameOf, choiceInHand, comeOf } from "./readingOff";
import type { RecordingsDesk } from "./RecordingsDesk";
import { stretchAway } from "./recordingsWorker";

/** What is read off, in which unit. */
interface Asked {
  readonly unit: string;
  readonly reading: Reading;
  readonly how: RecordingDescription;
  readonly channel: number;
}

export type Target =
  | { readonly kind: "place"; readonly place: Place; readonly symbol: string }
  | { readonly kind: "new"; readonly table: string; readonly symbol: string; readonly place: Place }
  | { readonly kind: "nowhere" }
  /** The quantity is of another kind. */
  | { readonly kind: "unlike"; readonly symbol: string; readonly unit: string };

/** Whether a quantity has no readings yet, or none but such as were read off in the same way. */
function isFor(
  { rows, readOffs }: Investigation,
  quantity: string,
  { what, of }: Reading,
): boolean {
  const alike = Object.values(readOffs).filter((one) => one.what === what && one.of === of);
  const readOffCells = new Set(alike.map(({ goesTo }) => goesTo && `${goesTo.row}/${goesTo.cell}`));
  return Object.entries(rows).every(([row, held]) =>
    cellsOfQuantity(held, quantity).every((cell) => readOffCells.has(`${row}/${cell}`)),
  );
}

/**
 * Where something read off goes as long as nobody chose: under a quantity of its symbol and kind of unit, or under one in
 * which nothing stands but what was read off in the same way; else under a new one. Ten swings are no period, though both are times.
 */
export function usualWish(document: Investigation, asked: Asked): Wish {
  const { unit, reading, how, channel } = asked;
  const fitting = readQuantities(document).filter(([, one]) => takesUnit(one, unit));
  const symbol = proposed(reading, how, channel);
  const same = fitting.find(([, one]) => one.symbol === symbol && one.unit.trim() !== "");
  const free = fitting.find(([id]) => isFor(document, id, reading));
  return { quantity: (same ?? free)?.[0] ?? "new", row: "" };
}

/** A letter for a quantity that is made for what is read off. */
function proposed({ what }: Reading, how: RecordingDescription, channel: number): string {
  if (what === "gap" || what === "between") return "T";
  if (what === "frequency" || what === "strongest") return "f";
  if (what === "decay") return "τ";
  if (what === "events") return "N";
  if (what === "rate") return "R";
  if (what === "crossing") return "t";
  return how.channels[channel]?.symbol || "q";
}

/** Where what is read off would go by a wish. */
export function targetOf(
  document: Investigation,
  wish: Wish,
  { unit, reading, how, channel }: Asked,
): Target {
  if (wish.quantity === null) return { kind: "nowhere" };
  const table = inOrder(document.tables)[0]?.[0] ?? "";
  if (wish.quantity === "new" || !document.quantities[wish.quantity]) {
    const taken = new Set(Object.values(document.quantities).map(({ symbol }) => symbol));
    const rows = inOrder(document.rows).filter(([, row]) => row.table === table);
    const number = Number(wish.row) || 1;
    const row = rows[number - 1]?.[0];
    const place = { row, cell: "", number: row ? number : rows.length + 1 };
    return { kind: "new", table, symbol: freeSymbol(proposed(reading, how, channel), taken), place };
  }
  const quantity = document.quantities[wish.quantity];
  const symbol = quantity?.symbol || quantity?.name || "";
  if (!quantity || !takesUnit(quantity, unit)) return { kind: "unlike", symbol, unit: quantity?.unit ?? "" };
  const place = wish.row.trim() === "" ? nextPlace(document, wish.quantity) : placeInRow(document, wish.quantity, Number(wish.row));
  return place ? { kind: "place", place, symbol } : { kind: "nowhere" };
} // prettier-ignore

function destinationOf(target: Target): Destination | undefined {
  if (target.kind === "nowhere" || target.kind === "unlike") return undefined;
  const { place } = target;
  const row = place.row ?? nanoid(10);
  if (target.kind === "place") return { row, cell: place.cell };
  const id = nanoid(10);
  return { row, cell: cellKey(id), quantity: { id, table: target.table, symbol: target.symbol } };
}

/** What is read off next goes under the same quantity, to its next row. */
function keepWish(desk: RecordingsDesk, to: Destination | undefined): void {
  const made = to?.quantity?.id;
  const { wish } = desk.state.getState();
  desk.state.setState({ wish: made ? { quantity: made, row: "" } : wish && { ...wish, row: "" } });
}

/** Reads off the stretch in hand what is chosen, and takes it where it is to go. */
export async function takeOff(desk: RecordingsDesk, target: Target): Promise<void> {
  const choice = choiceInHand(desk);
  const recording = choice && desk.recordings[choice.recording];
  const came = recording && (await comeOf(desk, recording, choice));
  if (!choice || !came || came.value === null) return;
  const to = destinationOf(target);
  doAct(desk.store, readOff, { id: nanoid(10), choice, cameOf: came, to });
  keepWish(desk, to);
}

/** Where each of several goes, from a target on, one to a row; rows of a table that is made for them have no quantity yet. */
function destinationsFrom(desk: RecordingsDesk, target: Target, count: number): Destination[] {
  const { document } = desk.store.getState();
  const first = destinationOf(target);
  if (!first || target.kind === "nowhere" || target.kind === "unlike") return [];
  if (target.kind === "place") {
    const { quantity } = cellPlace(target.place.cell);
    return placesFrom(document, quantity, target.place.number, count).map(({ row, cell }) => ({
      row: row ?? nanoid(10),
      cell,
    }));
  }
  const rows = inOrder(document.rows).filter(([, { table }]) => table === target.table);
  return Array.from({ length: count }, (_one, i) =>
    i === 0
      ? first
      : { row: rows[target.place.number - 1 + i]?.[0] ?? nanoid(10), cell: first.cell },
  );
}

/** Reads off all that the stretch in hand gives one by one, each to a row of its own from the target on. */
export async function takeEach(desk: RecordingsDesk, target: Target): Promise<void> {
  const choice = choiceInHand(desk);
  const recording = choice && desk.recordings[choice.recording];
  const asked = recording && (await askedOf(desk, recording, choice));
  const each = asked && (await stretchAway(asked)).each?.first;
  if (!recording || !each || each.length === 0) return;
  const room = limits.readOffs - Object.keys(desk.store.getState().document.readOffs).length;
  if (each.length > room) return desk.state.setState({ said: readingOffWords.tooMany({ count: each.length, room }) });
  const places = destinationsFrom(desk, target, each.length);
  const all = each.map(({ came }, i): TakenOff => {
    const one = { ...choice, nth: i + 1 };
    return { id: nanoid(10), choice: one, cameOf: cameOf(came, recording, one), to: places[i] };
  });
  doAct(desk.store, readEachOff, { all });
  keepWish(desk, places[0]);
} // prettier-ignore

/** Takes something that was read off before to the chosen place, or where that is none for it to the usual one. */
export function bring(desk: RecordingsDesk, id: string): void {
  const { document } = desk.store.getState();
  const entry = document.readOffs[id];
  const recording = entry && desk.recordings[entry.recording];
  if (!recording) return;
  const { unit, channel } = entry;
  const asked: Asked = { unit, reading: entry, how: recording.how, channel };
  const { wish } = desk.state.getState();
  const chosen = wish && destinationOf(targetOf(document, wish, asked));
  const to = chosen ?? destinationOf(targetOf(document, usualWish(document, asked), asked));
  if (to) doAct(desk.store, bringReadOff, { id, to });
}
