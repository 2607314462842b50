import { keepEdits, keepSnapshot, type KeptEdit, type Snapshot } from "./deviceCopy";
import type { PendingEdit } from "./documentState";
import type { OnDevice } from "./investigationStore";
import { writeJournal } from "./journal";

const snapshotEvery = 1500;
/** A copy of a document with many rows takes a moment of the page, so it is made less often. */
const manyRows = 3000;
const snapshotOfManyEvery = 12_000;

/**
 * Keeps one window's edits and copy on the device, one write at a time, always the newest.
 * Acknowledged edits stay until a copy holds them, so that copy and edits together lack nothing typed.
 */
export class DeviceKeeper {
  private pending: readonly PendingEdit[] = [];
  private acknowledged: readonly PendingEdit[] = [];
  private snapshot: Snapshot | undefined;
  /** What stands on the device, by the edit's id. */
  private readonly written = new Map<string, KeptEdit>();
  private writing = false;
  private known: OnDevice = "written";
  private again = false;
  /** What the journal holds is written to the store once the key is drawn; set while that waits. */
  private writingSoon: ReturnType<typeof setTimeout> | undefined;
  private snapshotTimer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly investigationId: string,
    private readonly windowId: string,
    private readonly personId: string,
    /** Is told when the device has written all, is behind, or refuses. */
    private readonly tell: (state: OnDevice) => void,
  ) {}

  /** Whether all edits of this window stand on the device. */
  get state(): OnDevice {
    return this.known;
  }

  /** The newest state of affairs; what has left `pending` was acknowledged. */
  keep(pending: readonly PendingEdit[], snapshot: Snapshot): void {
    const still = new Set(pending.map((edit) => edit.id));
    const gone = this.pending.filter((edit) => !still.has(edit.id));
    this.acknowledged = [...this.acknowledged, ...gone];
    this.pending = pending;
    const journaled = this.writeJournal();
    if (snapshot.document !== this.snapshot?.document) {
      this.snapshot = snapshot;
      const many = Object.keys(snapshot.document.rows).length > manyRows;
      const wait = many ? snapshotOfManyEvery : snapshotEvery;
      this.snapshotTimer ??= setTimeout(() => void this.writeSnapshot(), wait);
    }
    if (journaled) this.writingSoon ??= setTimeout(() => void this.writeEdits());
    else void this.writeEdits();
  }

  /** What is not written yet stands in the journal, at once; whether it does. */
  private writeJournal(): boolean {
    const { investigationId, windowId, personId } = this;
    const edits = this.pending.filter((edit) => this.written.get(edit.id) !== edit);
    return writeJournal({ investigationId, windowId }, { personId, edits });
  }

  /** Writes no further copy: the edits are another window's from now on. What is being written ends. */
  stop(): void {
    clearTimeout(this.snapshotTimer);
    if (this.writingSoon !== undefined) void this.writeEdits();
  }

  private async writeEdits(): Promise<void> {
    clearTimeout(this.writingSoon);
    this.writingSoon = undefined;
    if (this.writing) {
      this.again = true;
      return;
    }
    this.writing = true;
    let done: OnDevice;
    do {
      this.again = false;
      done = await this.writeChanged().then(
        () => "written",
        () => "refused",
      );
    } while (this.again);
    this.writing = false;
    this.say(done);
  }

  private say(state: OnDevice): void {
    if (state === this.known) return;
    this.known = state;
    this.tell(state);
  }

  /** Writes only what is not yet on the device as it is now. */
  private async writeChanged(): Promise<void> {
    const acknowledged = this.acknowledged.map((edit) => this.asAcknowledged(edit));
    const edits: readonly KeptEdit[] = [...acknowledged, ...this.pending];
    const changed = edits.filter((edit) => this.written.get(edit.id) !== edit);
    const still = new Set(edits.map(({ id }) => id));
    const gone = [...this.written.keys()].filter((id) => !still.has(id));
    if (changed.length === 0 && gone.length === 0) return;
    if (this.known === "written") this.say("writing");
    const { investigationId: id, windowId, personId } = this;
    await keepEdits({ id, windowId, personId }, changed, gone);
    for (const edit of changed) this.written.set(edit.id, edit);
    for (const edit of gone) this.written.delete(edit);
    this.writeJournal();
  }

  /** The same edit, marked; one object for one edit. */
  private asAcknowledged(edit: PendingEdit): KeptEdit {
    const known = this.written.get(edit.id);
    return known?.acknowledged ? known : { ...edit, acknowledged: true };
  }

  private async writeSnapshot(): Promise<void> {
    this.snapshotTimer = undefined;
    const { snapshot, acknowledged } = this;
    if (!snapshot) return;
    try {
      await keepSnapshot(this.investigationId, snapshot);
    } catch {
      return;
    }
    const covered = new Set(acknowledged.map((edit) => edit.id));
    this.acknowledged = this.acknowledged.filter((edit) => !covered.has(edit.id));
    void this.writeEdits();
  }
}
