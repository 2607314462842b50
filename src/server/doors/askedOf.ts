import type { Incoming } from "../requests/readBody";

/** What somebody asks of one investigation, by a session. */
export interface AskedOf {
  /** The investigation, as it was sent. */
  readonly id: unknown;
  readonly token: string | undefined;
  readonly incoming: Incoming;
}
