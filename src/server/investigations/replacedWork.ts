import { isDeepStrictEqual } from "node:util";
import type { Patch } from "immer";
import type { Investigation } from "@/investigation/model/investigation";
import { isMergedPlace } from "@/investigation/merging/mergedChange";
import { valueAt } from "@/investigation/merging/valueAt";
import type { SentEdit } from "@/protocol/saving";

/** An edit that was logged while another window worked on an older revision. */
export interface Meanwhile {
  readonly revision: number;
  readonly authorId: string;
  readonly window: string;
  readonly device: string;
  readonly patches: readonly Patch[];
}

/** One value that took the place of what another had put there at the same time. */
export interface ReplacedWork {
  readonly lost: Meanwhile;
  readonly won: SentEdit;
  readonly path: readonly (string | number)[];
  readonly was: unknown;
  /** What puts back what was there. */
  readonly back: Patch;
}

type Path = readonly (string | number)[];

/** No list of what was replaced grows further with one edit. */
const most = 200;

const keyOf = (path: Path) => JSON.stringify(path.map(String));

/** The own path that stands at or above another's path, or below it. */
function metBy(own: ReadonlyMap<string, Path>, path: Path): Path | undefined {
  for (let length = path.length; length > 0; length--) {
    const met = own.get(keyOf(path.slice(0, length)));
    if (met) return met;
  }
  const key = keyOf(path).slice(0, -1);
  for (const [text, below] of own) if (text.startsWith(`${key},`)) return below;
  return undefined;
}

/** Paths without those that belong to an order, which nobody would miss, and words that are merged. */
const matters = (path: Path) => path.at(-1) !== "order" && !isMergedPlace(path);

/**
 * What an edit replaced of what other windows had done since the revision on which it was made. Only who touched a place
 * last is replaced there: one's own earlier edit may have taken that place already.
 * @param meanwhile oldest first, one's own edits among them.
 */
export function replacedBy(
  won: SentEdit,
  meanwhile: readonly Meanwhile[],
  before: Investigation,
  after: Investigation,
): readonly ReplacedWork[] {
  const own = new Map(won.patches.map(({ path }) => [keyOf(path), path] as const));
  const touched = new Set<string>();
  const found: ReplacedWork[] = [];
  for (const lost of [...meanwhile].reverse()) {
    if (lost.revision <= won.on) break;
    for (const { path } of lost.patches) {
      const key = keyOf(path);
      if (touched.has(key)) continue;
      touched.add(key);
      if ((lost.window === won.window && lost.window !== "") || !matters(path)) continue;
      const met = metBy(own, path);
      if (!met) continue;
      const deeper = met.length > path.length ? met : path;
      const was = valueAt(before, deeper);
      const stands = valueAt(after, deeper);
      if (was === undefined || was === "" || isDeepStrictEqual(was, stands)) continue;
      const back: Patch = { op: "replace", path: [...met], value: valueAt(before, met) };
      found.push({ lost, won, path: deeper, was, back });
      if (found.length >= most) return found;
    }
  }
  return found;
}
