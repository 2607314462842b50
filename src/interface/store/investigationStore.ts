import { nanoid } from "nanoid";
import { createStore, type StoreApi } from "zustand/vanilla";
import type { Act } from "@/investigation/acts/act";
import { applyChange, type Change, joined, perform, reversed } from "@/investigation/history/edit";
import {
  emptyUndoStack,
  remember,
  stepBack,
  stepForward,
  type UndoStack,
} from "@/investigation/history/undoStack";
import type { Investigation } from "@/investigation/model/investigation";
import { type DocumentState, type PendingEdit, withChange } from "./documentState";

/** Whether the device holds all that is not yet with the server, is still writing, or has no room for it. */
export type OnDevice = "written" | "writing" | "refused";

/** Where the newest changes are: with the server, on the way, or only on this device. */
export type Saving =
  | { readonly kind: "kept"; readonly at: Date | undefined }
  | { readonly kind: "keeping" }
  | { readonly kind: "on-device" | "signed-out" | "lost"; readonly device: OnDevice };

/** The state of one open investigation; rooms read named values of it and run commands. */
export interface InvestigationState extends DocumentState {
  readonly undoStack: UndoStack;
  readonly saving: Saving;
  /** A sentence about something that went otherwise than hoped; undefined when there is none. */
  readonly notice: string | undefined;
  /** Edits on their way to the server. */
  readonly underWay: ReadonlySet<string>;
}

export type InvestigationStore = StoreApi<InvestigationState>;

/** A store that shows a document at a revision. */
export function createInvestigationStore(
  document: Investigation,
  revision: number,
): InvestigationStore {
  return createStore<InvestigationState>()(() => ({
    base: document,
    document,
    revision,
    pending: [],
    undoStack: emptyUndoStack,
    saving: { kind: "kept", at: undefined },
    notice: undefined,
    underWay: new Set<string>(),
  }));
}

function record(
  store: InvestigationStore,
  document: Investigation,
  change: Change,
  undoStack: UndoStack,
  mergeKey?: string,
): void {
  const edit: PendingEdit = { ...change, id: nanoid(16), at: new Date().toISOString(), mergeKey };
  store.setState((state) => ({
    ...withChange(state, document, edit, state.underWay),
    undoStack,
    notice: undefined,
  }));
}

/** Performs an act at once; changes in a row with the same key are one edit and one step of undo. */
export function doAct<Args>(
  store: InvestigationStore,
  act: Act<Args>,
  args: Args,
  mergeKey?: string,
): void {
  const state = store.getState();
  const { document, change } = perform(state.document, act, args);
  if (change.patches.length === 0) return;
  record(store, document, change, remember(state.undoStack, change, mergeKey), mergeKey);
}

/** Shows a document that changes led to: one step of undo, but each change travels as an edit of its own. */
export function recordAll(
  store: InvestigationStore,
  document: Investigation,
  changes: readonly Change[],
  mergeKey: string,
): void {
  store.setState((state) => {
    let next: DocumentState = state;
    for (const change of changes) {
      const edit = { ...change, id: nanoid(16), at: new Date().toISOString() };
      next = withChange(next, document, edit, state.underWay);
    }
    const undoStack = remember(state.undoStack, joined(...changes), mergeKey);
    return { ...next, undoStack, notice: undefined };
  });
}

function goBack(store: InvestigationStore, name: string, keepForRedo: boolean): void {
  const state = store.getState();
  const step = stepBack(state.undoStack);
  if (!step) return;
  const change = reversed(step.change, name);
  const application = applyChange(state.document, change.patches);
  const stack = keepForRedo ? step.stack : { ...step.stack, undone: state.undoStack.undone };
  if (application.applied) record(store, application.document, change, stack);
  else store.setState({ undoStack: stack });
}

/** Takes back one's own newest act. */
export function undo(store: InvestigationStore): void {
  goBack(store, "undo", true);
}

/** Gives up what was begun under a key (Esc in a cell), if it is the newest act. */
export function abandon(store: InvestigationStore, mergeKey: string): void {
  const { done } = store.getState().undoStack;
  if (done[done.length - 1]?.mergeKey === mergeKey) goBack(store, "abandon", false);
}

/** Does again what was taken back last. */
export function redo(store: InvestigationStore): void {
  const state = store.getState();
  const step = stepForward(state.undoStack);
  if (!step) return;
  const application = applyChange(state.document, step.change.patches);
  if (application.applied) {
    record(store, application.document, { ...step.change, act: "redo" }, step.stack);
  } else store.setState({ undoStack: step.stack });
}
