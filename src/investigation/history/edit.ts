import { applyPatches, enablePatches, type Patch, produceWithPatches } from "immer";
import { cleanTexts } from "@/core/text/cleanText";
import type { Act } from "../acts/act";
import type { Investigation } from "../model/investigation";
import { withItems } from "../model/order";
import type { Change } from "./change";
import { rowsAdded } from "./addedRows";
import { typesIntoNothing } from "./intoNothing";
import { rowsOfPatches, withinRows } from "./withinRows";

export type { Change, Edit } from "./change";

enablePatches();

/** Performs an act, with every text given to it made clean; an act that changes nothing gives no patches. */
export function perform<Args>(
  document: Investigation,
  act: Act<Args>,
  given: Args,
): { document: Investigation; change: Change } {
  const args = cleanTexts(given);
  let change: Change = { act: act.name, patches: [], inverse: [] };
  const produce = (from: Investigation): Investigation => {
    const [next, patches, inverse] = produceWithPatches(from, (draft) => {
      act.change(draft as Investigation, args);
    });
    change = { act: act.name, patches, inverse };
    return next;
  };
  const rows = act.rows?.(args);
  const next = rows ? withinRows(document, rows, produce) : produce(document);
  return { document: next, change };
}

export type Application =
  { readonly applied: true; readonly document: Investigation } | { readonly applied: false };

function applied(document: Investigation, patches: readonly Patch[]): Investigation {
  const added = rowsAdded(patches);
  if (added) {
    return Object.freeze({ ...document, rows: withItems(document.rows, added) });
  }
  const apply = (from: Investigation) => applyPatches(from, patches as Patch[]);
  const rows = rowsOfPatches(patches);
  return rows ? withinRows(document, rows, apply) : apply(document);
}

/** Applies patches; when what they change is gone (someone removed the row, or the quantity), nothing is changed. */
export function applyChange(document: Investigation, patches: readonly Patch[]): Application {
  try {
    const next = applied(document, patches);
    if (typesIntoNothing(next, patches)) return { applied: false };
    return { applied: true, document: next };
  } catch {
    return { applied: false };
  }
}

/** Patches as a change of their own, with the way back; undefined where what they change is gone. */
export function changeOf(
  document: Investigation,
  act: string,
  patches: readonly Patch[],
): Change | undefined {
  try {
    const [, there, back] = produceWithPatches(document, (draft) => {
      applyPatches(draft, patches as Patch[]);
    });
    return { act, patches: there, inverse: back };
  } catch {
    return undefined;
  }
}

/** The way back as a change of its own, so that undo is logged like any other act. */
export function reversed(change: Change, act: string): Change {
  return { act, patches: change.inverse, inverse: change.patches };
}

/** Changes in a row as one, named after the last: first there, then on; back in the other order. */
export function asOneChange(...changes: readonly Change[]): Change {
  return {
    act: changes.at(-1)?.act ?? "",
    patches: changes.flatMap(({ patches }) => patches),
    inverse: [...changes].reverse().flatMap(({ inverse }) => inverse),
  };
}
