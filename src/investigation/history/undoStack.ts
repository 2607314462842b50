import { goesOn } from "../merging/mergedChange";
import { type Change, asOneChange } from "./edit";

interface Entry {
  readonly change: Change;
  /** Changes in a row with the same key are one step: the keys pressed in one cell, the moves of one drag. */
  readonly mergeKey?: string;
}

/** One's own acts that can be taken back, and those taken back that can be done again; newest last. */
export interface UndoStack {
  readonly done: readonly Entry[];
  readonly undone: readonly Entry[];
}

export const emptyUndoStack: UndoStack = { done: [], undone: [] };

const mostSteps = 500;

/** Remembers a new change; what had been undone can then no longer be redone. */
export function remember(stack: UndoStack, change: Change, mergeKey?: string): UndoStack {
  if (change.patches.length === 0) return stack;
  const last = stack.done[stack.done.length - 1];
  if (last && mergeKey !== undefined && last.mergeKey === mergeKey && goesOn(last.change, change)) {
    const entry = { change: asOneChange(last.change, change), mergeKey };
    return { done: [...stack.done.slice(0, -1), entry], undone: [] };
  }
  return { done: [...stack.done, { change, mergeKey }].slice(-mostSteps), undone: [] };
}

/** The newest change to take back, and the stack once that is done. */
export function stepBack(stack: UndoStack): { change: Change; stack: UndoStack } | undefined {
  const entry = stack.done[stack.done.length - 1];
  if (!entry) return undefined;
  return {
    change: entry.change,
    stack: { done: stack.done.slice(0, -1), undone: [...stack.undone, { change: entry.change }] },
  };
}

/** The newest change taken back, to do again, and the stack once that is done. */
export function stepForward(stack: UndoStack): { change: Change; stack: UndoStack } | undefined {
  const entry = stack.undone[stack.undone.length - 1];
  if (!entry) return undefined;
  return {
    change: entry.change,
    stack: { done: [...stack.done, { change: entry.change }], undone: stack.undone.slice(0, -1) },
  };
}
