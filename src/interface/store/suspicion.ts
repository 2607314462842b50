import type { PendingEdit } from "./documentState";

const mostTries = 3;

/**
 * Finds the one edit for whose sake the server takes none: what was refused together is sent again one by one, and one
 * that the server stumbles over three times, though it answers when nothing is sent, is given up.
 */
export class Suspicion {
  /** Edits that go alone. */
  readonly suspects = new Set<string>();
  private tries = 0;
  private tried = "";
  /** Whether to ask first if the server answers at all. */
  doubtsServer = false;

  /** The server answered as it should. */
  answered(): void {
    this.doubtsServer = false;
  }

  private suspect(sent: readonly PendingEdit[]): void {
    for (const { id } of sent) this.suspects.add(id);
  }

  /** The server won't have what was sent: the edit that is to be given up, where it was alone. */
  refused(sent: readonly PendingEdit[]): readonly PendingEdit[] {
    if (sent.length === 1) return sent;
    this.suspect(sent);
    return [];
  }

  /** The server stumbled; whether the one that was sent is to be given up. */
  failed(sent: readonly PendingEdit[]): boolean {
    const [first] = sent;
    if (sent.length !== 1 || !first) {
      this.suspect(sent);
      return false;
    }
    this.tries = this.tried === first.id ? this.tries + 1 : 1;
    this.tried = first.id;
    this.doubtsServer = true;
    return this.tries >= mostTries;
  }
}
