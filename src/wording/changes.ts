import { isReason } from "@/investigation/model/reason";
import { reasonText } from "./settingAside";
import type { Patch } from "immer";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { cellPlace, type Row, wholeRow } from "@/investigation/model/row";

type Path = readonly (string | number)[];

const longest = 60;

/** A typed value as it is quoted; undefined for what is no text of somebody's. */
function quoted(value: unknown): string | undefined {
  if (typeof value === "number") return String(value);
  if (typeof value === "object" && isReason(value, longest)) return quoted(reasonText(value));
  if (typeof value !== "string") return undefined;
  if (value.trim() === "") return "nothing";
  const short = value.length > longest ? `${value.slice(0, longest)}…` : value;
  return /^[\d−+-]/.test(short) ? short : `“${short}”`;
}

function calledQuantity({ quantities }: Investigation, id: string): string {
  const quantity = quantities[id];
  return quantity?.name.trim() || quantity?.symbol.trim() || "a column";
}

function calledCell(document: Investigation, cell: string): string {
  const { quantity, repeat } = cellPlace(cell);
  const called = calledQuantity(document, quantity);
  const several = (document.quantities[quantity]?.repeats ?? 1) > 1 || repeat > 1;
  return several ? `repeat ${repeat} of ${called}` : called;
}

/** "row 3", counted in its table as the page counts. */
function calledRow({ rows }: Investigation, id: string): string {
  const table = rows[id]?.table;
  if (table === undefined) return "a row that is gone";
  const own = inOrder(rows).filter(([, row]) => row.table === table);
  return `row ${own.findIndex(([row]) => row === id) + 1}`;
}

const fields: Readonly<Record<string, string>> = {
  name: "the name",
  symbol: "the symbol",
  unit: "the unit",
  formula: "the formula",
  value: "the value",
  uncertainty: "the ±",
  title: "the title",
  caption: "the caption",
};

const sections: Readonly<Record<string, string>> = {
  title: "the title",
  theory: "the theory",
  board: "the straighten board",
  writeUp: "the write-up",
  houseRules: "the house rules",
  dismissed: "an answer to a mark",
  tables: "a table",
  series: "a series",
  constants: "a constant",
  results: "a result",
  instruments: "an instrument",
  examples: "a worked example",
  ownLook: "the class’s look",
};

function calledFigure({ figures }: Investigation, id: string): string {
  const at = inOrder(figures).findIndex(([figure]) => figure === id);
  return at < 0 ? "a figure that is gone" : `figure ${at + 1}`;
}

/** What stands at a place of the document, in words: "time in row 3", "the unit of length", "figure 2". */
export function placeInWords(document: Investigation, path: Path): string {
  const [section, id, third, fourth] = path.map(String);
  if (section === "rows" && id !== undefined) {
    const row = calledRow(document, id);
    if (third === "readings" && fourth !== undefined) {
      return `${calledCell(document, fourth)} in ${row}`;
    }
    if (third === "setAside") {
      if (fourth === undefined) return `what of ${row} is set aside`;
      const cell = fourth === wholeRow ? row : `${calledCell(document, fourth)} in ${row}`;
      return `whether ${cell} is set aside`;
    }
    return row;
  }
  const field = fields[third ?? ""];
  if (section === "quantities" && id !== undefined) {
    const called = calledQuantity(document, id);
    return field ? `${field} of ${called}` : `how ${called} is read`;
  }
  if (section === "figures" && id !== undefined) {
    const called = calledFigure(document, id);
    return field ? `${field} of ${called}` : called;
  }
  return sections[section ?? ""] ?? "the investigation";
}

function rowAdded(document: Investigation, row: Partial<Row>): string {
  const typed = Object.entries(row.readings ?? {}).filter(([, text]) => text !== "");
  const named = typed.map(([cell, text]) => `${calledCell(document, cell)} = ${quoted(text)}`);
  return named.length > 0 ? `a new row with ${named.join(", ")}` : "a new empty row";
}

function said(document: Investigation, { op, path, value }: Patch): string {
  if (path[0] === "rows" && path.length === 2) {
    if (op === "remove") return `${calledRow(document, String(path[1]))} taken out`;
    if (op === "add") return rowAdded(document, (value ?? {}) as Partial<Row>);
  }
  const place = placeInWords(document, path);
  if (op === "remove") return `${place} emptied`;
  const text = quoted(value);
  if (text === "nothing") return `${place} emptied`;
  return text === undefined ? place : `${place}: ${text}`;
}

const mostNamed = 12;

/** The last word on each place: the keys typed into one cell are one change. */
function settled(patches: readonly Patch[]): readonly Patch[] {
  const last = new Map<string, Patch>();
  for (const patch of patches) {
    if (patch.path.at(-1) !== "order") last.set(JSON.stringify(patch.path), patch);
  }
  return [...last.values()];
}

/** The same change with what was typed into rows that it adds put into them, as they stand after it. */
function withinAddedRows(patches: readonly Patch[]): readonly Patch[] {
  const added = new Map<string, Patch>();
  for (const { op, path, value } of patches) {
    const [section, id, third, cell] = path.map(String);
    if (section !== "rows" || id === undefined) continue;
    const row = added.get(id)?.value as Row | undefined;
    if (op === "add" && path.length === 2) added.set(id, { op, path, value });
    else if (row && third === "readings" && cell !== undefined && op !== "remove") {
      const readings = { ...row.readings, [cell]: String(value) };
      added.set(id, { op: "add", path: path.slice(0, 2), value: { ...row, readings } });
    }
  }
  return patches.flatMap((patch) => {
    const row = patch.path[0] === "rows" ? added.get(String(patch.path[1])) : undefined;
    if (!row) return [patch];
    if (patch.op === "add" && patch.path.length === 2) return [row];
    return patch.path[2] === "readings" && patch.op !== "remove" ? [] : [patch];
  });
}

/** What patches do, place by place and in words; of very many the first. */
export function changeInWords(
  document: Investigation,
  patches: readonly Patch[],
): readonly string[] {
  const all = settled(withinAddedRows(patches));
  const named = [...new Set(all.slice(0, mostNamed).map((patch) => said(document, patch)))];
  const more = all.length - mostNamed;
  return more > 0 ? [...named, `and ${more} more`] : named;
}

/** Why an edit waits on the device. */
export const whyAside = {
  gone: "What it changes is not in the investigation any more.",
  invalid: (detail: string) => `It does not fit the investigation${detail ? `: ${detail}` : ""}.`,
  "too-large": "The investigation has grown too large for it. Take something out first.",
  failed: "The server stumbled over it three times.",
} as const;

interface ReplacedInWords {
  readonly side: "lost" | "won";
  readonly was: unknown;
  readonly stands: unknown;
  readonly other: string | undefined;
}

/** What took the place of what, and whose it was. */
export function replacedInWords(
  place: string,
  { side, was, stands, other }: ReplacedInWords,
): string {
  const theirs = other ? `${other}’s` : "your other window’s";
  const before = quoted(was);
  const now = quoted(stands);
  const own = side === "lost";
  if (stands === null) {
    const whose = own ? "your" : theirs;
    const by = own ? `taken out by ${other ?? "you elsewhere"}` : "you took it out";
    return `${place}: ${whose} ${before ?? "change"} is gone, ${by}.`;
  }
  if (before === undefined || now === undefined) {
    return own
      ? `${place}: what you chose was replaced by what ${other ?? "you"} chose ${other ? "at the same time" : "in another window"}.`
      : `${place}: what you chose took the place of what ${other ?? "you"} chose ${other ? "at the same time" : "in another window"}.`;
  }
  return own
    ? `${place}: your ${before} was replaced by ${theirs} ${now}.`
    : `${place}: your ${now} took the place of ${theirs} ${before}.`;
}

/** The line and the list of changes that were not taken. */
export const asideWords = {
  line: (count: number) =>
    count === 1
      ? "1 change was not taken by the server. It waits on this device."
      : `${count} changes were not taken by the server. They wait on this device.`,
  see: "See them",
  title: "Not taken by the server",
  hint: "These changes stand on this device only. Try them again, type them anew, or take them out as a file.",
  again: "Try again",
  stillNot: "It still does not fit.",
  letGo: "Let it go",
  letGoForGood: "Let it go for good?",
  takeOut: "Take out as a file",
  file: "not-taken",
} as const;

/** The line and the list of what was replaced. */
export const replacedWords = {
  line: (count: number) =>
    count === 1
      ? "Two worked at the same place at the same time: 1 value was replaced."
      : `Two worked at the same places at the same time: ${count} values were replaced.`,
  see: "See which",
  title: "Replaced while two worked at once",
  hint: "The later one to reach the server stands. Each can be put back.",
  mineBack: "Put mine back",
  letIt: "Leave it",
  theirsBack: "Put theirs back",
  otherBack: "Put the other back",
  notBack: "It can’t be put back: what it stood in is gone.",
  seen: "I have seen these",
} as const;
