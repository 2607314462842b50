import { keepEdits, keepSnapshot, type Snapshot } from "./deviceCopy";
import type { PendingEdit } from "./documentState";

const snapshotEvery = 1500;

/**
 * Keeps one window's edits and copy on the device, one write at a time, always the newest.
 * Acknowledged edits stay until a copy holds them, so that copy and edits together lack nothing typed.
 */
export class DeviceKeeper {
  private pending: readonly PendingEdit[] = [];
  private acknowledged: readonly PendingEdit[] = [];
  private snapshot: Snapshot | undefined;
  private writing = false;
  private again = false;
  private snapshotTimer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly investigationId: string,
    private readonly windowId: string,
    private readonly personId: string,
  ) {}

  /** The newest state of affairs; what has left `pending` was acknowledged. */
  keep(pending: readonly PendingEdit[], snapshot: Snapshot): void {
    const still = new Set(pending.map((edit) => edit.id));
    const gone = this.pending.filter((edit) => !still.has(edit.id));
    this.acknowledged = [...this.acknowledged, ...gone];
    this.pending = pending;
    if (snapshot.document !== this.snapshot?.document) {
      this.snapshot = snapshot;
      this.snapshotTimer ??= setTimeout(() => void this.writeSnapshot(), snapshotEvery);
    }
    void this.writeEdits();
  }

  /** Writes no further copy: the edits are another window's from now on. What is being written ends. */
  stop(): void {
    clearTimeout(this.snapshotTimer);
  }

  private async writeEdits(): Promise<void> {
    if (this.writing) {
      this.again = true;
      return;
    }
    this.writing = true;
    do {
      this.again = false;
      const acknowledged = this.acknowledged.map((edit) => ({ ...edit, acknowledged: true }));
      const edits = [...acknowledged, ...this.pending];
      await keepEdits(this.investigationId, this.windowId, this.personId, edits).catch(() => {});
    } while (this.again);
    this.writing = false;
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
