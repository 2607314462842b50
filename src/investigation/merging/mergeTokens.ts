import { diffArrays } from "diff";

/** A stretch of the base from `from` on, `length` tokens long, in whose place others stand. */
interface Hunk {
  readonly from: number;
  readonly length: number;
  readonly tokens: readonly string[];
}

/** What parts two things that came to stand beside one another. */
type Gap = (last: string, next: string) => readonly string[];

function hunksOf(base: readonly string[], changed: readonly string[]): Hunk[] {
  const hunks: Hunk[] = [];
  let at = 0;
  let open: { from: number; length: number; tokens: string[] } | undefined;
  for (const { added, removed, value } of diffArrays([...base], [...changed])) {
    if (!added && !removed) {
      open = undefined;
      at += value.length;
      continue;
    }
    if (!open) hunks.push((open = { from: at, length: 0, tokens: [] }));
    if (added) open.tokens.push(...value);
    else {
      open.length += value.length;
      at += value.length;
    }
  }
  return hunks;
}

const end = ({ from, length }: Hunk) => from + length;
const overlap = (a: Hunk, b: Hunk) => a.from < end(b) && b.from < end(a);
const sameHunk = (a: Hunk, b: Hunk) =>
  a.from === b.from && a.length === b.length && a.tokens.join("\0") === b.tokens.join("\0");

/** A hunk as it reads over a wider stretch of the base. */
function widened({ from, length, tokens }: Hunk, base: readonly string[], wide: Hunk): string[] {
  return [...base.slice(wide.from, from), ...tokens, ...base.slice(from + length, end(wide))];
}

/** Both ways of one stretch that two changed at once: first what stood there first. */
function bothOf(first: Hunk, second: Hunk, base: readonly string[], gap: Gap): Hunk {
  const from = Math.min(first.from, second.from);
  const wide = { from, length: Math.max(end(first), end(second)) - from, tokens: [] };
  const [one, two] = [widened(first, base, wide), widened(second, base, wide)];
  const [last, next] = [one.at(-1), two[0]];
  const between = last !== undefined && next !== undefined ? gap(last, next) : [];
  return { ...wide, tokens: [...one, ...between, ...two] };
} // prettier-ignore

/** All changes of both in their order; where both changed one stretch, both ways of it, the first one's before. */
function together(first: readonly Hunk[], second: readonly Hunk[], base: readonly string[], gap: Gap) {
  const all = [...first];
  for (const hunk of second) {
    let joined = hunk;
    if (all.some((other) => sameHunk(other, hunk))) continue;
    for (let i = all.length - 1; i >= 0; i--) {
      const other = all[i] as Hunk;
      const atOnePlace = other.length === 0 && joined.length === 0 && other.from === joined.from;
      if (!overlap(other, joined) && !atOnePlace) continue;
      joined = bothOf(other, joined, base, gap);
      all.splice(i, 1);
    }
    all.push(joined);
  }
  return all.sort((a, b) => a.from - b.from || a.length - b.length);
} // prettier-ignore

/**
 * What comes of two changes of one sequence made at the same time: each one's is kept, in order; where both put something
 * in one place, both stand there, what came first before the other.
 * @param gap what parts them there.
 */
export function mergeTokens(
  base: readonly string[],
  first: readonly string[],
  second: readonly string[],
  gap: Gap,
): string[] {
  const merged: string[] = [];
  let at = 0;
  for (const hunk of together(hunksOf(base, first), hunksOf(base, second), base, gap)) {
    merged.push(...base.slice(at, hunk.from), ...hunk.tokens);
    at = end(hunk);
  }
  return [...merged, ...base.slice(at)];
}
