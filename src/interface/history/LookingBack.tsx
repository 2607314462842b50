"use client";

import { createContext, type ReactNode, useMemo, useState } from "react";
import type { Moment } from "@/protocol/history";
import { historyWords as words } from "@/wording/history";
import { Button } from "../parts/Button";
import { CurvesProvider } from "../store/CurvesProvider";
import { createInvestigationStore } from "../store/investigationStore";
import { goBackTo, momentAt } from "../store/server";
import {
  InvestigationContext,
  useInvestigation,
  useInvestigationStore,
} from "../store/useInvestigation";
import { HistorySheet } from "./HistorySheet";

/** Opens the history, of all or of one reading. */
export const HistoryContext = createContext<(reading?: { row: string; cell: string }) => void>(
  () => {},
);

interface Props {
  investigationId: string;
  children: ReactNode;
}

interface LineProps {
  moment: Moment;
  newest: number;
  mayGoBack: boolean;
  step: (by: number) => void;
  back: () => void;
  leave: () => void;
}

/** Says that an earlier moment is shown, with the steps from it. */
function MomentLine({ moment, newest, mayGoBack, step, back, leave }: LineProps) {
  return (
    <section
      aria-label={words.asItWas}
      className="bg-boxwood border-boxwood-edge flex flex-wrap items-center gap-2 border-b px-5 py-1.5"
    >
      <p role="status" className="mr-auto">
        <strong className="font-semibold">{words.asItWas}.</strong> {words.nothing}
      </p>
      <Button disabled={moment.revision === 0} onClick={() => step(-1)}>
        {words.earlier}
      </Button>
      <Button disabled={moment.revision >= newest} onClick={() => step(1)}>
        {words.later}
      </Button>
      {mayGoBack && <Button onClick={back}>{words.back}</Button>}
      <Button look="main" onClick={leave}>
        {words.now}
      </Button>
    </section>
  );
}

/** A moment in the place of the sheet as it is: all stages, and nothing of it can be changed. */
function Shown({ moment, children }: { moment: Moment; children: ReactNode }) {
  const still = useMemo(() => {
    const made = createInvestigationStore(moment.document, moment.revision);
    made.setState({ readOnly: true, still: true, saving: { kind: "kept", at: new Date() } });
    return made;
  }, [moment]);
  return (
    <InvestigationContext value={still}>
      <CurvesProvider>{children}</CurvesProvider>
    </InvestigationContext>
  );
}

/** Lets the history of the sheet be opened from within, and shows a moment of it in the place of the sheet. */
export function LookingBack({ investigationId, children }: Props) {
  const store = useInvestigationStore();
  const newest = useInvestigation((state) => state.revision);
  const readOnly = useInvestigation((state) => state.readOnly);
  const [open, setOpen] = useState<{ reading?: { row: string; cell: string } | undefined }>();
  const [moment, setMoment] = useState<Moment>();
  const look = async (revision: number) => {
    const found = await momentAt(investigationId, revision);
    if (found) setMoment(found);
    else store.setState({ notice: words.away });
    setOpen(undefined);
  };
  const back = async () => {
    if (!moment) return;
    const done = await goBackTo(investigationId, moment.revision);
    store.setState({ notice: done ? words.done : words.away });
    setMoment(undefined);
  };
  return (
    <HistoryContext value={(reading) => setOpen({ reading })}>
      {moment && (
        <MomentLine
          moment={moment}
          newest={newest}
          mayGoBack={!readOnly}
          step={(by) => void look(moment.revision + by)}
          back={() => void back()}
          leave={() => setMoment(undefined)}
        />
      )}
      {moment ? (
        <Shown key={moment.revision} moment={moment}>
          {children}
        </Shown>
      ) : (
        children
      )}
      {open && (
        <HistorySheet
          investigationId={investigationId}
          reading={open.reading}
          onClose={() => setOpen(undefined)}
          look={(revision) => void look(revision)}
        />
      )}
    </HistoryContext>
  );
}
