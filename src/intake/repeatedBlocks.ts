import type { Cells } from "./cellKinds";
import { isNumeric } from "./cellKinds";
import { headingLines } from "./headingLines";

/** Fewer rows than this under a name are no block of readings. */
const fewestRows = 2;

/** The heading of the column that says which block a row stood in. */
export const blockHeading = "series";

interface Part {
  /** What stands over it; "" for a blank line alone. */
  readonly name: string;
  readonly rows: string[][];
}

const said = (row: readonly string[]) => row.filter((cell) => cell.trim() !== "");

/** A line with one word alone: the name of what follows. */
function nameOf(row: readonly string[]): string | undefined {
  const [only, ...rest] = said(row);
  return only !== undefined && rest.length === 0 && !isNumeric(only) ? only.trim() : undefined;
}

function partsOf(rows: Cells): readonly Part[] {
  const parts: { name: string; rows: string[][] }[] = [];
  let open = false;
  for (const row of rows) {
    if (said(row).length === 0) {
      open = false;
      continue;
    }
    const name = nameOf(row);
    const last = parts.at(-1);
    if (name !== undefined) {
      if (last && last.rows.length === 0 && last.name === "") last.name = name;
      else parts.push({ name, rows: [] });
      open = true;
    } else if (open && last) last.rows.push([...row]);
    else {
      parts.push({ name: "", rows: [[...row]] });
      open = true;
    }
  }
  return parts;
}

const widthOf = (rows: Cells) =>
  rows.reduce((widest, row) => Math.max(widest, row.findLastIndex((cell) => cell.trim() !== "") + 1), 0); // prettier-ignore

const sameRows = (a: Cells, b: Cells) =>
  a.every((row, r) => row.every((cell, c) => cell.trim() === (b[r]?.[c] ?? "").trim()));

/**
 * Cells in which a block of readings repeats itself under a blank line or a name, as one block: a first column says which
 * one each row stood in, by its name or its number. Cells of any other kind come back as they were.
 */
export function joinedBlocks(rows: Cells): Cells {
  const parts = partsOf(rows);
  const [first] = parts;
  if (!first || parts.length < 2) return rows;
  const lines = headingLines(first.rows);
  const headings = first.rows.slice(0, lines);
  const bodies = parts.map(({ rows: own }, at) =>
    lines > 0 && (at === 0 || sameRows(headings, own)) ? own.slice(lines) : own,
  );
  const width = widthOf(first.rows);
  const alike = bodies.every(
    (body) =>
      body.length >= fewestRows &&
      width > 1 &&
      widthOf(body) === width &&
      body.every((row) => said(row).every(isNumeric)),
  );
  if (!alike) return rows;
  const names = parts.map(({ name }, at) => name || `${blockHeading} ${at + 1}`);
  return [
    ...headings.map((row, line) => [line === 0 ? blockHeading : "", ...row]),
    ...bodies.flatMap((body, at) => body.map((row) => [names[at] as string, ...row])),
  ];
}
