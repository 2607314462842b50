import type { RunText } from "@/core/unit/runText";
import { listed } from "@/wording/language/runs";
import { rowsInWords } from "@/wording/rowsInWords";
import type { WrittenMark } from "./mark";

/** Marks that say the same of one quantity in several rows, or of several quantities of a table. */
function groupKey({ stage, table, id, row, sentence, answer }: WrittenMark): string {
  return JSON.stringify([stage, table, row === undefined ? "" : id, sentence, answer ?? null]);
}

/** From so many numbered ones on, the first and the last name them all; beyond so many others the rest are counted. */
const [leastRun, mostNamed] = [3, 6];

/** The stem and the number of a symbol such as N₃. */
function numbered(runs: RunText): readonly [string, number] | undefined {
  const text = runs.map((run) => run.text).join("");
  const found = /^(.*\D)(\d+)$/.exec(text);
  return found ? [found[1] as string, Number(found[2])] : undefined;
}

function isNumberedRun(names: readonly RunText[]): boolean {
  const [from, ...rest] = names.map(numbered);
  if (!from || names.length < leastRun) return false;
  return rest.every((one, index) => one?.[0] === from[0] && one[1] === from[1] + index + 1);
}

/** "N₁ to N₅" of numbered ones, "L and T" of others. */
function quantitiesOf(marks: readonly WrittenMark[]): RunText {
  const names = marks.map(({ quantity }) => quantity);
  const [first, last] = [names[0] ?? [], names.at(-1) ?? []];
  if (isNumberedRun(names)) return [...first, { text: " to " }, ...last];
  const more = names.length - mostNamed;
  return listed(more > 1 ? [...names.slice(0, mostNamed), [{ text: `${more} more` }]] : names);
}

function begun(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

function merged(marks: readonly WrittenMark[]): WrittenMark {
  const [first] = marks as readonly [WrittenMark];
  if (marks.length === 1) return first;
  const keys = marks.flatMap((mark) => mark.keys);
  if (first.row === undefined) return { ...first, keys, quantity: quantitiesOf(marks) };
  const rows = [...new Set(marks.map(({ row = 0 }) => row + 1))].sort((a, b) => a - b);
  return {
    ...first,
    keys,
    rowWords: rows.length > 1 ? `${begun(rowsInWords(rows))}, ` : first.rowWords,
  };
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
