import { rowsInWords as english } from "./en/rowsInWords";
import { inList } from "./language/listing";
import { worded } from "./language/worded";

const texts = worded("rowsInWords", english);

/** "row 3", "rows 3 and 5", "rows 3 to 6"; of very many the first. */
export function rowsInWords(rows: readonly number[]): string {
  const isRun = rows.every((row, index) => row === (rows[0] ?? 0) + index);
  if (isRun && rows.length > 3) return texts.run({ from: rows[0] ?? 0, to: rows.at(-1) ?? 0 });
  const named = rows.slice(0, 6).map(String);
  const more = rows.length - named.length;
  if (more > 0) return texts.more({ rows: named.join(", "), more });
  return texts.listed({ count: named.length, rows: inList(named) });
}
