import type { InvestigationStore } from "../store/investigationStore";
import { setPaceOf, StretchWork } from "./readingOff";
import { RecordingsDesk } from "./RecordingsDesk";

/** Has the stretch in hand worked out whenever something changes of what it says; returns how to end that. */
function workOutStretch(desk: RecordingsDesk): () => void {
  const work = new StretchWork(desk);
  const ofDesk = desk.state.subscribe((now, before) => {
    const same =
      now.stretch === before.stretch &&
      now.reading === before.reading &&
      now.channel === before.channel &&
      now.inHand === before.inHand &&
      now.sources === before.sources;
    if (!same && now.stretch) work.want();
  });
  const ofDocument = desk.store.subscribe((now, before) => {
    const { inHand, stretch } = desk.state.getState();
    if (!inHand || !stretch) return;
    if (now.document.recordings[inHand] !== before.document.recordings[inHand]) work.want();
  });
  return () => {
    ofDesk();
    ofDocument();
  };
}

/** A desk for the recordings of an investigation, and how to leave it. */
export interface MadeDesk {
  readonly desk: RecordingsDesk;
  readonly leave: () => void;
}

export function madeDesk(store: InvestigationStore, investigationId: string): MadeDesk {
  const desk: RecordingsDesk = new RecordingsDesk(
    store,
    investigationId,
    (id, pace) => void setPaceOf(desk, id, pace),
  );
  const end = workOutStretch(desk);
  const leave = () => {
    end();
    desk.leave();
  };
  return { desk, leave };
}
