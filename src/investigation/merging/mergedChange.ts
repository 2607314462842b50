import { dequal } from "dequal";
import { applyPatches, type Patch } from "immer";
import type { Change } from "../history/change";
import type { Investigation } from "../model/investigation";
import type { RichText } from "../model/richText";
import { mergeRichText } from "./mergeRichText";
import { valueAt } from "./valueAt";

type Path = readonly (string | number)[];

/** Whether a place holds words that two may write at the same time without one taking the other's place. */
export function isMergedPlace(path: Path): boolean {
  return path.length === 4 && path[0] === "writeUp" && path[1] === "blocks" && path[3] === "text";
}

const keyOf = (path: Path) => path.join("/");

/** What the edit found at each place that it wrote, as its way back tells. */
function foundBy(inverse: readonly Patch[]): ReadonlyMap<string, unknown> {
  return new Map(inverse.map(({ path, value }) => [keyOf(path), value as unknown]));
}

/**
 * A change as it does to a document that others have changed since: words of a block are merged with theirs, all else is
 * put as it was made. The same object where nothing is to be merged.
 */
export function mergedChange<Of extends Pick<Change, "patches" | "inverse">>(
  document: Investigation,
  change: Of,
): Of {
  if (!change.patches.some(({ path, op }) => op === "replace" && isMergedPlace(path))) return change;
  const found = foundBy(change.inverse);
  let merges = false;
  const patches = change.patches.map((patch): Patch => {
    if (patch.op !== "replace" || !isMergedPlace(patch.path)) return patch;
    const base = found.get(keyOf(patch.path)) as RichText | undefined;
    const stands = valueAt(document, patch.path) as RichText | undefined;
    if (!base || !stands || dequal(base, stands)) return patch;
    merges = true;
    return { ...patch, value: mergeRichText(base, stands, patch.value as RichText) };
  });
  return merges ? { ...change, patches } : change;
} // prettier-ignore

/** Whether a change goes on where another left off: no words of others came in between. */
export function goesOn(last: Pick<Change, "patches">, next: Pick<Change, "inverse">): boolean {
  const words = next.inverse.filter(({ path }) => isMergedPlace(path));
  if (words.length === 0) return true;
  const left = new Map(last.patches.map(({ path, value }) => [keyOf(path), value as unknown]));
  return words.every(({ path, value }) => {
    const key = keyOf(path);
    return !left.has(key) || dequal(left.get(key), value);
  });
}

/** Patches by the first two steps of their paths, the thing that they are about. */
function byThing(patches: readonly Patch[]): ReadonlyMap<string, readonly Patch[]> {
  const found = new Map<string, Patch[]>();
  for (const patch of patches) {
    const key = keyOf(patch.path.slice(0, 2));
    const there = found.get(key);
    if (there) there.push(patch);
    else found.set(key, [patch]);
  }
  return found;
}

const isBelow = (path: Path, above: Path) =>
  path.length > above.length && above.every((step, i) => step === path[i]);

/** What patches left at a place that one of them wrote: what it wrote, with what came to stand in it afterwards. */
function leftAt(patches: readonly Patch[], path: Path): unknown {
  const last = patches.findLastIndex((patch) => keyOf(patch.path) === keyOf(path));
  const { op, value } = patches[last] as Patch;
  if (op === "remove") return undefined;
  const inside = patches.slice(last + 1).filter((patch) => isBelow(patch.path, path));
  if (inside.length === 0) return value as unknown;
  const within = inside.map((patch) => ({ ...patch, path: patch.path.slice(path.length) }));
  return applyPatches(value as object, within);
}

/**
 * A change of one's own without what others have put in its place since: taking it back takes back nothing of theirs.
 * @param back what takes it back: its patches lead to what was before, its inverse to what was made.
 */
export function onlyOwn(document: Investigation, back: Change): Change {
  const written = new Set(back.inverse.map(({ path }) => keyOf(path)));
  const made = byThing(back.inverse);
  const patches = back.patches.filter(({ path }) => {
    if (!written.has(keyOf(path)) || isMergedPlace(path)) return true;
    const own = path.length < 2 ? back.inverse : (made.get(keyOf(path.slice(0, 2))) ?? []);
    return dequal(valueAt(document, path), leftAt(own, path));
  });
  return patches.length === back.patches.length ? back : { ...back, patches };
}
