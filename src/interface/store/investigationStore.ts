import type { Mismatch } from "@/protocol/versions";
import { nanoid } from "nanoid";
import { createStore, type StoreApi } from "zustand/vanilla";
import type { Act } from "@/investigation/acts/act";
import type { Patch } from "immer";
import {
  applyChange,
  type Change,
  changeOf,
  asOneChange,
  perform,
  reversed,
} from "@/investigation/history/edit";
import {
  emptyUndoStack,
  remember,
  stepBack,
  stepForward,
  type UndoStack,
} from "@/investigation/history/undoStack";
import { mergedChange, onlyOwn } from "@/investigation/merging/mergedChange";
import { fixedPartChanged } from "@/investigation/model/fixedParts";
import type { Investigation } from "@/investigation/model/investigation";
import type { BenchTerms } from "@/protocol/briefs";
import type { Replaced } from "@/protocol/saving";
import { fixedSentence } from "@/wording/briefs";
import { sayings } from "@/wording/sayings";
import { type DocumentState, type PendingEdit, withChange } from "./documentState";
import { type EditPlace, nowhere } from "./place";
import type { HereNow } from "./here";
import type { PutAside } from "./putAside";
import { reportFault } from "./reportFault";

/** Whether the device holds all that is not yet with the server, is still writing, or has no room for it. */
export type OnDevice = "written" | "writing" | "refused";

/** Where the newest changes are: with the server, on the way, or only on this device. */
export type Saving =
  | { readonly kind: "kept"; readonly at: Date }
  | { readonly kind: "keeping" }
  | {
      /**
       * The server does not answer; it asks to wait; it stumbles; nothing of this page is let through; page and server
       * are of different versions; nobody is signed in; it is not on the shelf; it is handed in.
       */
      readonly kind:
        | "on-device"
        | "waiting"
        | "failing"
        | "forbidden"
        | Mismatch
        | "signed-out"
        | "lost"
        | "handed-in";
      readonly device: OnDevice;
    };

/** The state of one open investigation; rooms read named values of it and run commands. */
export interface InvestigationState extends DocumentState {
  readonly undoStack: UndoStack;
  readonly saving: Saving;
  /** A sentence about something that went otherwise than hoped; undefined when there is none. */
  readonly notice: string | undefined;
  /** Edits on their way to the server. */
  readonly underWay: ReadonlySet<string>;
  /** Edits that the server did not take. */
  readonly aside: readonly PutAside[];
  /** What took the place of other work done at the same time, here or there, and was not seen yet. */
  readonly replaced: readonly Replaced[];
  /** Windows of others on it. */
  readonly here: readonly HereNow[];
  /** Counts up with each word of others' edits. */
  readonly heard: number;
  /** Whether who is here changes it, unless it is handed in. */
  readonly mayEdit: boolean;
  /** Whether it is only read here: nothing that is done changes it. */
  readonly readOnly: boolean;
  /** Whether what its brief fixes stays as it is here: it is a bench's. */
  readonly ofBench: boolean;
  /** What was given out to the bench; undefined where nothing was. */
  readonly terms: BenchTerms | undefined;
  /** Whether it is an earlier moment that is shown. */
  readonly still: boolean;
  /** Where edits of this window are made. */
  readonly place: EditPlace;
  /** The letters of the document, once it is nearly as long as it may be. */
  readonly nearlyFull: number | undefined;
}

export type InvestigationStore = StoreApi<InvestigationState>;

/** A store that shows a document at a revision; whether the device holds more than that is not known yet. */
export function createInvestigationStore(
  document: Investigation,
  revision: number,
  place: EditPlace = nowhere,
): InvestigationStore {
  return createStore<InvestigationState>()(() => ({
    base: document,
    document,
    revision,
    pending: [],
    undoStack: emptyUndoStack,
    saving: { kind: "keeping" },
    notice: undefined,
    underWay: new Set<string>(),
    aside: [],
    replaced: [],
    here: [],
    heard: 0,
    mayEdit: true,
    readOnly: false,
    ofBench: false,
    terms: undefined,
    still: false,
    place,
    nearlyFull: undefined,
  }));
}

/** Whether it is only read here; then says so. */
export function refusedReading(store: InvestigationStore): boolean {
  const { readOnly } = store.getState();
  if (readOnly) store.setState({ notice: sayings.reading.nothingChanges });
  return readOnly;
}

/** Whether a change can't be made here: it is only read, or the brief fixes what it changes; then says so. */
function refused(store: InvestigationStore, after: Investigation): boolean {
  if (refusedReading(store)) return true;
  const { ofBench, document } = store.getState();
  const part = ofBench ? fixedPartChanged(document, after) : undefined;
  if (part !== undefined) store.setState({ notice: fixedSentence(document, part) });
  return part !== undefined;
}

/** A change as an edit of this window, made on what it shows now. */
function edited({ revision, place }: InvestigationState, change: Change): PendingEdit {
  return { ...change, ...place, id: nanoid(16), at: new Date().toISOString(), on: revision };
}

function record(
  store: InvestigationStore,
  document: Investigation,
  change: Change,
  undoStack: UndoStack,
  mergeKey?: string,
): boolean {
  if (refused(store, document)) return false;
  store.setState((state) => ({
    ...withChange(state, document, { ...edited(state, change), mergeKey }, state.underWay),
    undoStack,
    notice: undefined,
  }));
  return true;
}

/** Lays patches over what is shown as an edit of its own, one step of undo; whether they fit. */
export function doPatches(
  store: InvestigationStore,
  act: string,
  patches: readonly Patch[],
): boolean {
  const { document, undoStack } = store.getState();
  const change = changeOf(document, act, patches);
  if (!change) return false;
  const application = applyChange(document, change.patches);
  if (!application.applied) return false;
  return record(store, application.document, change, remember(undoStack, change));
}

/** Performs an act at once; changes in a row with the same key are one edit and one step of undo; whether anything was changed. */
export function doAct<Args>(
  store: InvestigationStore,
  act: Act<Args>,
  args: Args,
  mergeKey?: string,
): boolean {
  const state = store.getState();
  let done: ReturnType<typeof perform>;
  try {
    done = perform(state.document, act, args);
  } catch (error) {
    reportFault(act.name, error);
    store.setState({ notice: sayings.refused.fault });
    return false;
  }
  const { document, change } = done;
  if (change.patches.length === 0) return false;
  return record(store, document, change, remember(state.undoStack, change, mergeKey), mergeKey);
}

/** Shows a document that changes led to: one step of undo, but each change travels as an edit of its own. */
export function recordAll(
  store: InvestigationStore,
  document: Investigation,
  changes: readonly Change[],
  mergeKey: string,
): void {
  if (refused(store, document)) return;
  store.setState((state) => {
    let next: DocumentState = state;
    for (const change of changes) {
      next = withChange(next, document, edited(state, change), state.underWay);
    }
    const undoStack = remember(state.undoStack, asOneChange(...changes), mergeKey);
    return { ...next, undoStack, notice: undefined };
  });
}

/** Does once more, or takes back, what is still one's own of a change: what others put in its place since stays. */
function again(store: InvestigationStore, wanted: Change, undoStack: UndoStack): void {
  const { document } = store.getState();
  const own = mergedChange(document, onlyOwn(document, wanted));
  const change = own === wanted ? wanted : changeOf(document, wanted.act, own.patches);
  const application = change && applyChange(document, change.patches);
  if (application?.applied && change && change.patches.length > 0) {
    record(store, application.document, change, undoStack);
  } else store.setState({ undoStack, notice: sayings.refused.replacedSince });
}

function goBack(store: InvestigationStore, name: string, keepForRedo: boolean): void {
  const state = store.getState();
  const step = stepBack(state.undoStack);
  if (!step) return;
  const kept = keepForRedo ? step.stack : { ...step.stack, undone: state.undoStack.undone };
  again(store, reversed(step.change, name), kept);
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
  again(store, { ...step.change, act: "redo" }, step.stack);
}
