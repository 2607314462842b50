import { readFileSync } from "node:fs";
import * as door from "../../src/wording/en/parts/door";
import * as inside from "../../src/wording/en/parts/inside";
import * as rest from "../../src/wording/en/parts/rest";
import * as sheet from "../../src/wording/en/parts/sheet";
import * as shelf from "../../src/wording/en/parts/shelf";
import { type Part, partsOfPath } from "../../src/wording/language/parts";
import { isMessage, type Texts } from "../../src/wording/language/texts";

const rooms: Readonly<Record<Part, Texts>> = { door, inside, shelf, sheet, rest };

/** What a built script keeps of a message: the text between its values. Shorter pieces stand in other places too. */
const shortest = 8;

function piecesOf(texts: Texts): readonly string[] {
  return Object.values(texts).flatMap((text) =>
    isMessage(text)
      ? String(text)
          .split(/\{[^{}]*\}|[{}#'"\\]|, \w+,/)
          .filter((piece) => piece.length >= shortest)
      : piecesOf(text),
  );
}

const pieces = Object.values(rooms).flatMap((part) =>
  Object.entries(part).map(([room, texts]) => [room, new Set(piecesOf(texts as Texts))] as const),
);

const timesUsed = new Map<string, number>();
for (const [, its] of pieces) {
  for (const piece of its) timesUsed.set(piece, (timesUsed.get(piece) ?? 0) + 1);
}

/** Of each room, what no other room says. */
const ownPieces = pieces.map(
  ([room, its]) => [room, [...its].filter((piece) => timesUsed.get(piece) === 1)] as const,
);

/** Whether it is a text of its own there, not a part of another one. */
const standsAlone = (piece: string, scripts: string): boolean =>
  ['"', "'", "`"].some((mark) => scripts.includes(`${mark}${piece}${mark}`));

/** Texts of a room travel together; a few may stand elsewhere by chance. */
const mostByChance = 0.6;

interface Load {
  readonly route: string;
  readonly files: readonly string[];
}

/**
 * Rooms whose English comes first with a page while another language's words for them are not among the parts that this page
 * waits for: they would be said in English there.
 */
export function roomsNotWaitedFor({ route, files }: Load): readonly string[] {
  const scripts = files.map((file) => readFileSync(file, "utf8")).join("\n");
  const waited = new Set(
    partsOfPath(route.replace(/\[.*$/, "x")).flatMap((part) => Object.keys(rooms[part])),
  );
  return ownPieces
    .filter(([room, own]) => {
      if (waited.has(room)) return false;
      const found = own.filter((piece) => standsAlone(piece, scripts));
      return own.length > 0 && found.length > own.length * mostByChance;
    })
    .map(([room]) => room);
}
