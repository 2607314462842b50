import { Later } from "../later/Later";
import type { InvestigationStore } from "../store/investigationStore";
import type { MadeDesk } from "./madeDesk";
import type { RecordingsDesk } from "./RecordingsDesk";

const making = new Later(() => import("./madeDesk"));

/** Where the desk for the recordings of the open investigation stands, once it is wanted. */
export class DeskPlace {
  private made: MadeDesk | undefined;
  private readonly hearing = new Set<() => void>();

  constructor(
    private readonly store: InvestigationStore,
    private readonly investigationId: string,
  ) {}

  /** The desk, where it is here. */
  readonly here = (): RecordingsDesk | undefined => this.made?.desk;

  /** What was said of the instrument is said no longer: another language is spoken. */
  hush(): void {
    this.made?.desk.state.setState({ said: undefined });
  }

  /** Whether it was wanted and its script could not be had. */
  readonly failed = (): boolean => making.failed();

  /** Hears of its coming, and of a script that could not be had; returns how to hear no more. */
  readonly subscribe = (hear: () => void): (() => void) => {
    this.hearing.add(hear);
    const unheard = making.subscribe(hear);
    return () => {
      this.hearing.delete(hear);
      unheard();
    };
  };

  /** Has the desk set up, once for all who want it. Rejects where its script can't be had. */
  async fetch(): Promise<RecordingsDesk> {
    const { madeDesk } = await making.fetch();
    if (!this.made) {
      this.made = madeDesk(this.store, this.investigationId);
      for (const hear of this.hearing) hear();
    }
    return this.made.desk;
  }

  /** The investigation is left: the desk is put away. */
  leave(): void {
    this.made?.leave();
    this.made = undefined;
  }
}
