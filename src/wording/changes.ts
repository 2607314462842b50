import { isReason } from "@/investigation/model/reason";
import { reasonText } from "./settingAside";
import type { Patch } from "immer";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { cellPlace, type Row, wholeRow } from "@/investigation/model/row";
import { changes } from "./en/changes";
import { withFurther, worded } from "./language/worded";

const texts = worded("changes", changes);

type Path = readonly (string | number)[];

const longest = 60;

/** A typed value as it is quoted; undefined for what is no text of somebody's. */
function quoted(value: unknown): string | undefined {
  if (typeof value === "number") return String(value);
  if (typeof value === "object" && isReason(value, longest)) return quoted(reasonText(value));
  if (typeof value !== "string") return undefined;
  if (value.trim() === "") return texts.nothing;
  const short = value.length > longest ? `${value.slice(0, longest)}…` : value;
  return /^[\d−+-]/.test(short) ? short : texts.quoted({ text: short });
}

function calledQuantity({ quantities }: Investigation, id: string): string {
  const quantity = quantities[id];
  return quantity?.name.trim() || quantity?.symbol.trim() || texts.aColumn;
}

function calledCell(document: Investigation, cell: string): string {
  const { quantity, repeat } = cellPlace(cell);
  const called = calledQuantity(document, quantity);
  const several = (document.quantities[quantity]?.repeats ?? 1) > 1 || repeat > 1;
  return several ? texts.repeat({ repeat, called }) : called;
}

/** "row 3", counted in its table as the page counts. */
function calledRow({ rows }: Investigation, id: string): string {
  const table = rows[id]?.table;
  if (table === undefined) return texts.goneRow;
  const own = inOrder(rows).filter(([, row]) => row.table === table);
  return texts.row({ row: own.findIndex(([row]) => row === id) + 1 });
}

const fields: Readonly<Record<string, string>> = texts.fields;

const sections: Readonly<Record<string, string>> = texts.sections;

function calledFigure({ figures }: Investigation, id: string): string {
  const at = inOrder(figures).findIndex(([figure]) => figure === id);
  return at < 0 ? texts.goneFigure : texts.figure({ figure: at + 1 });
}

/** What stands at a place of the document, in words: "time in row 3", "the unit of length", "figure 2". */
export function placeInWords(document: Investigation, path: Path): string {
  const [section, id, third, fourth] = path.map(String);
  if (section === "rows" && id !== undefined) {
    const row = calledRow(document, id);
    if (third === "readings" && fourth !== undefined) {
      return texts.place.reading({ cell: calledCell(document, fourth), row });
    }
    if (third === "setAside") {
      if (fourth === undefined) return texts.place.setAsideOf({ row });
      const cell =
        fourth === wholeRow
          ? row
          : texts.place.reading({ cell: calledCell(document, fourth), row });
      return texts.place.isSetAside({ cell });
    }
    return row;
  }
  const field = fields[third ?? ""];
  if (section === "quantities" && id !== undefined) {
    const called = calledQuantity(document, id);
    return field ? texts.place.of({ field, called }) : texts.place.howRead({ called });
  }
  if (section === "figures" && id !== undefined) {
    const called = calledFigure(document, id);
    return field ? texts.place.of({ field, called }) : called;
  }
  return sections[section ?? ""] ?? texts.theInvestigation;
}

function rowAdded(document: Investigation, row: Partial<Row>): string {
  const typed = Object.entries(row.readings ?? {}).filter(([, text]) => text !== "");
  const named = typed.map(([cell, text]) => `${calledCell(document, cell)} = ${quoted(text)}`);
  return named.length > 0 ? texts.newRow({ readings: named.join(", ") }) : texts.newEmptyRow;
}

function said(document: Investigation, { op, path, value }: Patch): string {
  if (path[0] === "rows" && path.length === 2) {
    if (op === "remove") return texts.takenOut({ place: calledRow(document, String(path[1])) });
    if (op === "add") return rowAdded(document, (value ?? {}) as Partial<Row>);
  }
  const place = placeInWords(document, path);
  if (op === "remove") return texts.isEmptied({ place });
  const text = quoted(value);
  if (text === texts.nothing) return texts.isEmptied({ place });
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
  return more > 0 ? [...named, texts.more({ count: more })] : named;
}

/** Why an edit waits on the device. */
export const whyAside = withFurther(texts.whyAside, {
  invalid: (detail: string) =>
    detail === "" ? texts.invalid.plain : texts.invalid.because({ detail }),
});

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
  const said = texts.replaced;
  const theirs = other ? said.theirs({ other }) : said.otherWindow;
  const before = quoted(was);
  const now = quoted(stands);
  const own = side === "lost";
  if (stands === null) {
    const gone = { place, before: before ?? said.change };
    if (!own) return said.otherGone({ ...gone, theirs });
    return other ? said.ownGone({ ...gone, other }) : said.ownGoneElsewhere(gone);
  }
  if (before === undefined || now === undefined) {
    if (!other)
      return own ? said.ownChoiceElsewhere({ place }) : said.otherChoiceElsewhere({ place });
    return own ? said.ownChoice({ place, other }) : said.otherChoice({ place, other });
  }
  return own
    ? said.own({ place, before, theirs, now })
    : said.other({ place, now, theirs, before });
}

/** The line and the list of changes that were not taken. */
export const asideWords = texts.asideWords;

/** The line and the list of what was replaced. */
export const replacedWords = texts.replacedWords;
