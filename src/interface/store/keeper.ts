import { dequal } from "dequal/lite";
import { editsLeftBehind, holdWindow } from "./deviceCopy";
import { DeviceKeeper } from "./deviceKeeper";
import { type PendingEdit, received, replayed, type ServerEdit, without } from "./documentState";
import type { InvestigationState, InvestigationStore, OnDevice } from "./investigationStore";
import { handHolds } from "./handFirst";
import { hereAfter } from "./here";
import { listen } from "./liveLine";
import { closed, nextToSend } from "./outbox";
import { forgetAside, keepAside, keptAside, type PutAside } from "./putAside";
import type { BenchTerms } from "@/protocol/briefs";
import { isWithTeacher } from "@/protocol/handing";
import type { Presence } from "@/protocol/presence";
import { replacedHere, save, type SaveReply } from "./server";
import { Suspicion } from "./suspicion";
import { watchWindow } from "./windowMoments";

const saveAfter = 150;
/** While others look on, what is typed is with them at once. */
const saveAfterTogether = 0;
/** What a hand drags is kept so often at the most, and once more when it has let go. */
const keepWhileHeld = 250;
const firstRetry = 400;
const longestRetry = 4000;
/** After so many ms at most a server that stumbles over anything is asked again. */
const longestAfterFailing = 60_000;
/** What does not change by being asked again: it waits for somebody to do something. */
const final: readonly SaveReply["kind"][] = ["lost", "handed-in", "forbidden", "page-older"];

/** Where an investigation is kept, and for whom. */
export interface Keeping {
  readonly investigationId: string;
  readonly personId: string;
  readonly windowId: string;
}

type Waiting = Exclude<SaveReply["kind"], "saved" | "refused">;

const waitingFor = {
  away: "on-device",
  busy: "waiting",
  failed: "failing",
  forbidden: "forbidden",
  "page-older": "page-older",
  "page-newer": "page-newer",
  "signed-out": "signed-out",
  lost: "lost",
  "handed-in": "handed-in",
} as const satisfies Record<Waiting, InvestigationState["saving"]["kind"]>;

/** Keeps a store's edits on the device at once and with the server soon, and brings others' edits in. */
export class Keeper {
  private timer: ReturnType<typeof setTimeout> | undefined;
  /** Set while what a hand drags waits to be kept. */
  private held: ReturnType<typeof setTimeout> | undefined;
  private retryAfter = firstRetry;
  private busy = false;
  /** To be sent once more at once, when what is under way has come back. */
  private again = false;
  private stopped = false;
  private readonly stops: (() => void)[] = [];
  private readonly device: DeviceKeeper;
  private readonly suspicion = new Suspicion();

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
    const aside = await keptAside(investigationId, personId).catch(() => []);
    if (aside.length > 0) this.store.setState((state) => ({ aside: [...aside, ...state.aside] }));
    if (this.stopped) return;
    this.listen();
    if (!online) this.store.setState({ saving: { kind: "on-device", device: this.device.state } });
    this.schedule(0);
    void this.learnReplaced();
  }

  stop(): void {
    if (this.held !== undefined) this.keep();
    this.stopped = true;
    clearTimeout(this.timer);
    this.device.stop();
    for (const stop of this.stops) stop();
  }

  private listen(): void {
    const since = () => this.store.getState().revision;
    this.stops.push(
      listen(this.keeping.investigationId, {
        since,
        hear: ({ edits, here, terms, ended, mismatch }) => {
          if (here) this.meet(here);
          else if (terms) this.learn(terms);
          else if (mismatch) this.wait({ kind: mismatch });
          else if (ended) this.schedule(0);
          else this.receive(edits);
        },
      }),
    );
    this.stops.push(
      watchWindow({
        hurry: () => this.schedule(0),
        warn: (event) => this.warn(event),
        leave: () => this.held !== undefined && this.keep(),
      }),
    );
  }

  /** Edits that an earlier window could not send are laid over what is shown. */
  private adopt(edits: readonly PendingEdit[]): void {
    const { base, pending } = this.store.getState();
    const { document, kept, dropped } = replayed(base, [...edits, ...pending]);
    this.store.setState({ document, pending: kept });
    this.putAside(dropped.map(goneAside));
  }

  private onChange(state: InvestigationState, before: InvestigationState): void {
    if (state.aside !== before.aside) this.forgetDecided(state, before);
    const letGo = this.held !== undefined && !handHolds(this.store);
    if (!letGo && state.pending === before.pending && state.base === before.base) return;
    if (handHolds(this.store)) this.held ??= setTimeout(() => this.keep(), keepWhileHeld);
    else this.keep();
  }

  /** All that is shown is on the device now, and with the server soon. */
  private keep(): void {
    clearTimeout(this.held);
    this.held = undefined;
    const state = this.store.getState();
    const { revision, base, mayEdit, readOnly, ofBench, terms } = state;
    const { personId } = this.keeping;
    const held = { mayEdit, readOnly, ofBench, terms };
    this.device.keep(state.pending, { personId, revision, document: base, held });
    if (state.pending.length === 0) return;
    if (state.saving.kind === "kept") this.store.setState({ saving: { kind: "keeping" } });
    const soon = state.here.length > 0 ? saveAfterTogether : saveAfter;
    if (state.saving.kind === "kept" || state.saving.kind === "keeping") this.schedule(soon);
  }

  /** What somebody decided on waits on the device no longer. */
  private forgetDecided(state: InvestigationState, before: InvestigationState): void {
    const still = new Set(state.aside.map(({ edit }) => edit.id));
    const gone = before.aside.map(({ edit }) => edit.id).filter((id) => !still.has(id));
    if (gone.length > 0) void forgetAside(this.keeping.investigationId, gone).catch(() => {});
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
    const sent = this.suspicion.doubtsServer ? [] : nextToSend(pending, this.suspicion.suspects);
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
      this.suspicion.answered();
      this.receive(reply.edits);
      const refused = new Map(reply.refused.map((one) => [one.id, one]));
      this.putAside(sent.flatMap((edit) => {
        const refusal = refused.get(edit.id);
        return refusal ? [{ edit, reason: refusal.reason, detail: refusal.detail }] : [];
      }));
      this.store.setState({ nearlyFull: reply.nearlyFull });
      if (reply.edits.some(({ replaces }) => replaces)) void this.learnReplaced();
      this.discard(sent);
    } else if (reply.kind === "refused") {
      const [poisoned] = this.suspicion.refused(sent);
      if (poisoned) this.giveUp(poisoned, { reason: "invalid", detail: reply.reason });
      this.schedule(sent.length > 0 ? 0 : this.longer());
    } else if (reply.kind === "failed" && this.suspicion.failed(sent)) {
      this.giveUp(sent[0] as PendingEdit, { reason: "failed", detail: "" });
      this.schedule(0);
    } else this.wait(reply);
  } // prettier-ignore

  private wait(reply: Extract<SaveReply, { readonly kind: Waiting }>): void {
    const kind = waitingFor[reply.kind];
    this.store.setState({ saving: { kind, device: this.device.state } });
    if (final.includes(reply.kind)) return;
    const most = reply.kind === "failed" ? longestAfterFailing : longestRetry;
    this.schedule(reply.kind === "busy" ? reply.after : this.longer(most));
  }

  private longer(most = longestRetry): number {
    const after = Math.min(most, this.retryAfter);
    this.retryAfter = Math.min(most, this.retryAfter * 1.6);
    return after;
  }

  private giveUp(edit: PendingEdit, why: Omit<PutAside, "edit">): void {
    this.putAside([{ edit, ...why }]);
    this.discard([edit]);
  }

  /** Edits that can't be kept wait on the device until somebody has decided on them. */
  private putAside(items: readonly PutAside[]): void {
    if (items.length === 0) return;
    const { investigationId, personId } = this.keeping;
    this.store.setState(({ aside }) => ({ aside: [...aside, ...items] }));
    void keepAside(investigationId, personId, items).catch(() => {});
  }

  /** What was sent is with the server now, or stands aside: either way it waits no longer. */
  private discard(sent: readonly PendingEdit[]): void {
    const ids = new Set(sent.map((edit) => edit.id));
    const { state, dropped } = without(this.store.getState(), ids);
    const done = state.pending.length === 0;
    const saving = done ? ({ kind: "kept", at: new Date() } as const) : ({ kind: "keeping" } as const);
    this.store.setState({ ...state, saving });
    this.putAside(dropped.map(goneAside));
    if (!done) this.schedule(this.held === undefined ? saveAfter : keepWhileHeld);
  } // prettier-ignore

  /** What was given out has changed, or the sheet was handed in or came back. */
  private learn(terms: BenchTerms): void {
    if (dequal(terms, this.store.getState().terms)) return;
    this.store.setState(({ mayEdit }) => ({
      terms,
      readOnly: !mayEdit || isWithTeacher(terms.handing),
    }));
    this.schedule(0);
  }

  /** Others' windows came, moved or left. */
  private meet(news: readonly Presence[]): void {
    const { here, place } = this.store.getState();
    const own = { window: place.window, person: this.keeping.personId };
    const met = hereAfter(here, news, own, Date.now());
    if (met !== here) this.store.setState({ here: met });
  }

  private receive(edits: readonly ServerEdit[]): void {
    const before = this.store.getState();
    const { state, dropped, gap } = received(before, edits);
    if (gap) return this.schedule(0);
    const own = new Set(before.pending.map(({ id }) => id));
    const others = state !== before && edits.some(({ id }) => !own.has(id));
    this.store.setState({ ...state, heard: before.heard + (others ? 1 : 0) });
    this.putAside(dropped.map(goneAside));
    if (edits.some(({ replaces }) => replaces)) void this.learnReplaced();
  }

  /** Asks what took the place of other work, and shows it until it was seen. */
  private async learnReplaced(): Promise<void> {
    const { device } = this.store.getState().place;
    if (device === "") return;
    const replaced = await replacedHere(this.keeping.investigationId, device);
    if (replaced && !this.stopped) this.store.setState({ replaced });
  }
}

const goneAside = (edit: PendingEdit): PutAside => ({ edit, reason: "gone", detail: "" });
