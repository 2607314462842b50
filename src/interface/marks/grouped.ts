import type { RunText } from "@/core/unit/runText";
import { listed } from "@/wording/listed";
import { rowsInWords } from "@/wording/rowsInWords";
import type { Mark } from "./mark";

/** Marks that say the same of one quantity in several rows, or of several quantities of a table. */
function groupKey({ stage, table, id, row, sentence, answer }: Mark): string {
  return JSON.stringify([stage, table, row === undefined ? "" : id, sentence, answer ?? null]);
}

/** From so many in a row on, the first and the last name them all. */
const leastRun = 3;

/** "N₁ to N₅" of neighbours, "L and T" of others. */
function quantitiesOf(marks: readonly Mark[]): RunText {
  const orders = marks.map(({ order }) => order);
  const isRun = orders.every((order, index) => order === (orders[0] ?? 0) + index);
  const [first, last] = [marks[0], marks.at(-1)];
  if (first && last && marks.length >= leastRun && isRun) {
    return [...first.quantity, { text: " to " }, ...last.quantity];
  }
  return listed(marks.map(({ quantity }) => quantity));
}

function begun(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

function merged(marks: readonly Mark[]): Mark {
  const [first] = marks as readonly [Mark];
  if (marks.length === 1) return first;
  const keys = marks.flatMap((mark) => mark.keys);
  if (first.row === undefined) return { ...first, keys, quantity: quantitiesOf(marks) };
  const rows = [...new Set(marks.map(({ row = 0 }) => row + 1))].sort((a, b) => a - b);
  return { ...first, keys, place: rows.length > 1 ? `${begun(rowsInWords(rows))}, ` : first.place };
}

/** Marks of one kind on several quantities or rows as one mark that lists them, each where its first stands. */
export function grouped(marks: readonly Mark[]): readonly Mark[] {
  const groups = new Map<string, Mark[]>();
  for (const mark of marks) {
    const key = groupKey(mark);
    const group = groups.get(key);
    if (group) group.push(mark);
    else groups.set(key, [mark]);
  }
  return [...groups.values()].map(merged);
}
