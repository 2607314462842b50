import type { MarkPlace } from "@/wording/markPlaces";
import type { WrittenMark } from "./mark";

/** Marks that say the same of one quantity in several rows, or of several quantities of a table. */
function groupKey({ stage, table, id, row, sentence, answer }: WrittenMark): string {
  return JSON.stringify([stage, table, row === undefined ? "" : id, sentence, answer ?? null]);
}

const rowsOf = ({ place }: WrittenMark): readonly number[] =>
  place.kind === "quantities" ? place.rows : [];

const namesOf = ({ place }: WrittenMark) => (place.kind === "quantities" ? place.names : []);

/** The place of several as one. */
function placeOf(marks: readonly WrittenMark[], first: WrittenMark): MarkPlace {
  if (first.place.kind !== "quantities") return first.place;
  if (first.row === undefined) return { ...first.place, names: marks.flatMap(namesOf) };
  const rows = [...new Set(marks.flatMap(rowsOf))].sort((a, b) => a - b);
  return rows.length > 1 ? { kind: "quantities", names: first.place.names, rows } : first.place;
}

function merged(marks: readonly WrittenMark[]): WrittenMark {
  const [first] = marks as readonly [WrittenMark];
  if (marks.length === 1) return first;
  return { ...first, keys: marks.flatMap((mark) => mark.keys), place: placeOf(marks, first) };
}

/** Marks of one kind on several quantities or rows as one mark that lists them, each where its first stands. */
export function grouped(marks: readonly WrittenMark[]): readonly WrittenMark[] {
  const groups = new Map<string, WrittenMark[]>();
  for (const mark of marks) {
    const key = groupKey(mark);
    const group = groups.get(key);
    if (group) group.push(mark);
    else groups.set(key, [mark]);
  }
  return [...groups.values()].map(merged);
}
