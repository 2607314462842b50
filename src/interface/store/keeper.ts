import { sayings } from "@/wording/sayings";
import { editsLeftBehind, holdWindow, snapshotOf } from "./deviceCopy";
import { DeviceKeeper } from "./deviceKeeper";
import { type PendingEdit, received, replayed, type ServerEdit, without } from "./documentState";
import type { InvestigationState, InvestigationStore, OnDevice } from "./investigationStore";
import { listen, save, type SaveReply } from "./server";

const saveAfter = 150;
const firstRetry = 400;
const longestRetry = 4000;
const patchesAtOnce = 4000;

/** Where an investigation is kept, and for whom. */
export interface Keeping {
  readonly investigationId: string;
  readonly personId: string;
  readonly windowId: string;
}

function noticeFor(reply: Extract<SaveReply, { kind: "saved" }>): string | undefined {
  const first = reply.refused[0];
  if (!first) return undefined;
  return first.reason === "gone" ? sayings.refused.gone : sayings.refused.invalid(first.detail);
}

/** The oldest edits, so many that sending them doesn't hold the page up. */
function nextToSend(pending: readonly PendingEdit[]): readonly PendingEdit[] {
  let patches = 0;
  const last = pending.findIndex((edit) => (patches += edit.patches.length) >= patchesAtOnce);
  return last < 0 ? pending : pending.slice(0, last + 1);
}

/** What was sent once may be with the server even if no answer comes: nothing more is joined to it. */
function closed(edit: PendingEdit, sent: ReadonlySet<string>): PendingEdit {
  return edit.mergeKey !== undefined && sent.has(edit.id) ? { ...edit, mergeKey: undefined } : edit;
}

/** Keeps a store's edits on the device at once and with the server soon, and brings others' edits in. */
export class Keeper {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private retryAfter = firstRetry;
  private busy = false;
  /** To be sent once more at once, when what is under way has come back. */
  private again = false;
  private stopped = false;
  private readonly stops: (() => void)[] = [];
  private readonly device: DeviceKeeper;

  constructor(
    private readonly store: InvestigationStore,
    private readonly keeping: Keeping,
  ) {
    const { investigationId, windowId, personId } = keeping;
    this.device = new DeviceKeeper(investigationId, windowId, personId, (state) =>
      this.onDevice(state),
    );
  }

  /** Begins; `online` is false when the document came from this device's copy. */
  async start(online: boolean): Promise<void> {
    this.stops.push(holdWindow(this.keeping.windowId));
    this.stops.push(this.store.subscribe((state, before) => this.onChange(state, before)));
    const { investigationId, personId } = this.keeping;
    const left = await editsLeftBehind(investigationId, personId, online).catch(() => undefined);
    if (left && left.edits.length > 0) this.adopt(left.edits);
    void left?.forget().catch(() => {});
    if (this.stopped) return;
    this.listen();
    if (!online) this.store.setState({ saving: { kind: "on-device", device: this.device.state } });
    this.schedule(0);
  }

  stop(): void {
    this.stopped = true;
    clearTimeout(this.timer);
    this.device.stop();
    for (const stop of this.stops) stop();
  }

  private listen(): void {
    const onEdits = (edits: readonly ServerEdit[]) => this.receive(edits);
    const since = () => this.store.getState().revision;
    this.stops.push(listen(this.keeping.investigationId, since, onEdits));
    const hurry = () => this.schedule(0);
    const warn = (event: BeforeUnloadEvent) => this.warn(event);
    window.addEventListener("online", hurry);
    window.addEventListener("beforeunload", warn);
    document.addEventListener("visibilitychange", hurry);
    this.stops.push(() => {
      window.removeEventListener("online", hurry);
      window.removeEventListener("beforeunload", warn);
      document.removeEventListener("visibilitychange", hurry);
    });
  }

  /** Edits that an earlier window could not send are laid over what is shown. */
  private adopt(edits: readonly PendingEdit[]): void {
    this.store.setState((state) => {
      const { document, kept } = replayed(state.base, [...edits, ...state.pending]);
      return { document, pending: kept };
    });
  }

  private onChange(state: InvestigationState, before: InvestigationState): void {
    if (state.pending === before.pending && state.base === before.base) return;
    const { revision, base } = state;
    const { personId } = this.keeping;
    this.device.keep(state.pending, { personId, revision, document: base });
    if (state.pending.length === 0) return;
    if (state.saving.kind === "kept") this.store.setState({ saving: { kind: "keeping" } });
    if (state.saving.kind === "kept" || state.saving.kind === "keeping") this.schedule(saveAfter);
  }

  /** Says so where the device alone holds what was typed. */
  private onDevice(device: OnDevice): void {
    const { saving } = this.store.getState();
    if (!("device" in saving) || saving.device === device) return;
    this.store.setState({ saving: { ...saving, device } });
  }

  /** Nobody leaves unwarned while what was typed stands nowhere but in this window. */
  private warn(event: BeforeUnloadEvent): void {
    const { pending } = this.store.getState();
    if (pending.length > 0 && this.device.state === "refused") event.preventDefault();
  }

  private schedule(after: number): void {
    if (this.stopped) return;
    if (this.busy) {
      this.again ||= after === 0;
      return;
    }
    if (this.timer !== undefined && after > 0) return;
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.send(), after);
  }

  private async send(): Promise<void> {
    this.timer = undefined;
    this.busy = true;
    const { pending, revision } = this.store.getState();
    const sent = nextToSend(pending);
    const ids = new Set(sent.map((edit) => edit.id));
    this.store.setState({ underWay: ids, pending: pending.map((edit) => closed(edit, ids)) });
    const reply = await save(this.keeping.investigationId, revision, sent);
    this.busy = false;
    this.store.setState({ underWay: new Set() });
    if (this.stopped) return;
    this.settle(reply, sent);
    if (this.again && reply.kind === "saved") this.schedule(0);
    this.again = false;
  }

  private settle(reply: SaveReply, sent: readonly PendingEdit[]): void {
    if (reply.kind === "saved") {
      this.retryAfter = firstRetry;
      this.receive(reply.edits);
      this.discard(sent, noticeFor(reply));
    } else if (reply.kind === "malformed") {
      this.discard(sent, sayings.refused.invalid(reply.reason));
    } else {
      const kind = reply.kind === "away" ? "on-device" : reply.kind;
      this.store.setState({ saving: { kind, device: this.device.state } });
      if (reply.kind === "lost") return;
      this.schedule(this.retryAfter);
      this.retryAfter = Math.min(longestRetry, this.retryAfter * 1.6);
    }
  }

  /** What was sent is with the server now, or was refused: either way it waits no longer. */
  private discard(sent: readonly PendingEdit[], notice: string | undefined): void {
    const ids = new Set(sent.map((edit) => edit.id));
    this.store.setState((state) => {
      const next = without(state, ids);
      const done = next.pending.length === 0;
      return {
        ...next,
        notice: notice ?? state.notice,
        saving: done ? { kind: "kept", at: new Date() } : { kind: "keeping" },
      };
    });
    if (this.store.getState().pending.length > 0) this.schedule(saveAfter);
  }

  private receive(edits: readonly ServerEdit[]): void {
    const { state, dropped, gap } = received(this.store.getState(), edits);
    if (gap) return this.schedule(0);
    this.store.setState(dropped.length > 0 ? { ...state, notice: sayings.refused.gone } : state);
  }
}

/** Opens the copy of this device when the server can't give the document. */
export async function openDeviceCopy(investigationId: string, personId: string | null) {
  const snapshot = await snapshotOf(investigationId);
  return snapshot && snapshot.personId === personId ? snapshot : undefined;
}
