import { applyChange, type Change, asOneChange } from "@/investigation/history/edit";
import { goesOn, mergedChange } from "@/investigation/merging/mergedChange";
import type { Investigation } from "@/investigation/model/investigation";
import type { SentEdit, ToldEdit } from "@/protocol/saving";

/** An edit that the server has not acknowledged yet. */
export interface PendingEdit extends SentEdit {
  readonly mergeKey?: string;
}

/** An edit as the server tells of it. */
export type ServerEdit = ToldEdit;

/** What is shown is always the acknowledged document with the pending edits laid over it. */
export interface DocumentState {
  readonly base: Investigation;
  readonly revision: number;
  readonly pending: readonly PendingEdit[];
  readonly document: Investigation;
}

export interface Received {
  readonly state: DocumentState;
  /** Edits that no longer fit, because what they change is gone. */
  readonly dropped: readonly PendingEdit[];
  /** Something is missing between what is known and what came, revisions or what they do: ask again. */
  readonly gap: boolean;
}

/** Adds a change to the pending ones; joins the last if it has the same key and is not under way. */
export function withChange(
  state: DocumentState,
  document: Investigation,
  edit: PendingEdit,
  underWay: ReadonlySet<string>,
): DocumentState {
  const last = state.pending[state.pending.length - 1];
  if (
    last &&
    edit.mergeKey !== undefined &&
    last.mergeKey === edit.mergeKey &&
    !underWay.has(last.id) &&
    goesOn(last, edit)
  ) {
    const merged: PendingEdit = { ...last, ...(asOneChange(last, edit) as Change), at: edit.at };
    return { ...state, document, pending: [...state.pending.slice(0, -1), merged] };
  }
  return { ...state, document, pending: [...state.pending, edit] };
}

/** Lays the pending edits over the base once more. */
export function replayed(base: Investigation, pending: readonly PendingEdit[]) {
  let document = base;
  const kept: PendingEdit[] = [];
  const dropped: PendingEdit[] = [];
  for (const edit of pending) {
    const application = applyChange(document, mergedChange(document, edit).patches);
    if (application.applied) {
      document = application.document;
      kept.push(edit);
    } else dropped.push(edit);
  }
  return { document, kept, dropped };
}

/** Our own edits, acknowledged in the order in which they were made: what is shown stays as it is. */
function isOwnProgress(state: DocumentState, news: readonly ServerEdit[]): boolean {
  return news.every((edit, index) => state.pending[index]?.id === edit.id);
}

function withEdits({ base, pending }: DocumentState, edits: readonly ServerEdit[]): Investigation {
  const own = new Map(pending.map((edit) => [edit.id, edit]));
  return edits.reduce((document, { id, patches }) => {
    const mine = own.get(id);
    const done = mine ? mergedChange(document, mine).patches : patches;
    const application = applyChange(document, done ?? []);
    return application.applied ? application.document : document;
  }, base);
}

/** Whether an edit needs nothing that came before it: it puts a whole sheet in the place of what stands. */
const isWhole = ({ patches = [] }: ServerEdit) => patches.some(({ path }) => path.length === 0);

/** Takes edits from the server, own and others', in the order of their revisions. */
export function received(state: DocumentState, edits: readonly ServerEdit[]): Received {
  const news = edits.filter((edit) => edit.revision > state.revision);
  const first = news[0];
  if (!first) return { state, dropped: [], gap: false };
  const known = new Set(state.pending.map(({ id }) => id));
  const told = news.every(({ id, patches }) => patches !== undefined || known.has(id));
  const goesOnFrom = first.revision === state.revision + 1 || isWhole(first);
  if (!goesOnFrom || !told) return { state, dropped: [], gap: true };
  const revision = (news[news.length - 1] as ServerEdit).revision;
  const ids = new Set(news.map((edit) => edit.id));
  const pending = state.pending.filter((edit) => !ids.has(edit.id));
  const own = isOwnProgress(state, news);
  const base = own && pending.length === 0 ? state.document : withEdits(state, news);
  if (own) return { state: { ...state, base, revision, pending }, dropped: [], gap: false };
  const { document, kept, dropped } = replayed(base, pending);
  return { state: { base, revision, pending: kept, document }, dropped, gap: false };
}

/** Takes edits out (refused, or known to the server from before) and lays the rest over the base again. */
export function without(
  state: DocumentState,
  ids: ReadonlySet<string>,
): { readonly state: DocumentState; readonly dropped: readonly PendingEdit[] } {
  if (!state.pending.some((edit) => ids.has(edit.id))) return { state, dropped: [] };
  const pending = state.pending.filter((edit) => !ids.has(edit.id));
  const { document, kept, dropped } = replayed(state.base, pending);
  return { state: { ...state, document, pending: kept }, dropped };
}
