import type { Judged } from "@/protocol/remarks";

/** What the database knows of one time that a bench handed in, but whose it is. */
export interface HandingFields {
  /** Which time it is, from 1. */
  readonly number: number;
  readonly handedAt: Date;
  readonly late: boolean;
  /** When a teacher opened it; null until then. */
  readonly openedAt: Date | null;
  /** When it went back to the bench; null until then. */
  readonly returnedAt: Date | null;
  /** The state of the sheet that was handed in. */
  readonly revision: number;
  readonly points: Judged["points"];
  readonly lastWord: string;
  /** Who handed it in, where they were asked for; null once their account is gone. */
  readonly by?: { readonly name: string } | null;
}
