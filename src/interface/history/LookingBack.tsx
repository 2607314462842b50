"use client";

import { createContext, type ReactNode, useMemo, useState } from "react";
import type { HistoryEntry, Moment } from "@/protocol/history";
import { historyWords as words } from "@/wording/history";
import { Button } from "../parts/Button";
import { RecordingsProvider } from "../recordings/RecordingsProvider";
import { CurvesProvider } from "../store/CurvesProvider";
import { createInvestigationStore } from "../store/investigationStore";
import { goBackTo, momentAt } from "../store/server";
import {
  InvestigationContext,
  useInvestigation,
  useInvestigationStore,
} from "../store/useInvestigation";
import { EntryBy, useEntryInWords } from "./entry";
import { laterPart } from "../later/laterPart";

const HistorySheet = laterPart(() => import("./HistorySheet").then((part) => part.HistorySheet));

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
  look: (revision: number) => void;
  back: () => void;
  leave: () => void;
}

/** Who did last what at the moment that is shown. */
function After({ entry }: { entry: HistoryEntry }) {
  const what = useEntryInWords(entry);
  return (
    <>
      {words.after} <EntryBy entry={entry} />: {what}
    </>
  );
}

/** A button that leads to a neighbouring moment, where there is one. */
function Step({
  to,
  label,
  look,
}: { to: number | undefined; label: string } & Pick<LineProps, "look">) {
  return (
    <Button disabled={to === undefined} onClick={() => to !== undefined && look(to)}>
      {label}
    </Button>
  );
}

/** Says that an earlier moment is shown, with the steps from it. */
function MomentLine({ moment, newest, mayGoBack, look, back, leave }: LineProps) {
  const { entry, before, after } = moment;
  return (
    <section
      aria-label={words.asItWas}
      className="bg-boxwood border-boxwood-edge flex flex-wrap items-center gap-2 border-b px-5 py-1.5"
    >
      <p role="status" className="mr-auto min-w-60 flex-1">
        <strong className="font-semibold">{words.asItWas}</strong>{" "}
        {entry ? <After entry={entry} /> : words.atFirst}. {words.nothing}
      </p>
      <Step to={before} label={words.earlier} look={look} />
      <Step
        to={after !== undefined && after <= newest ? after : undefined}
        label={words.later}
        look={look}
      />
      {mayGoBack && <Button onClick={back}>{words.back}</Button>}
      <Button look="main" onClick={leave}>
        {words.now}
      </Button>
    </section>
  );
}

/** A moment in the place of the sheet as it is: all stages, and nothing of it can be changed. */
function Shown({ investigationId, moment, children }: Props & { moment: Moment }) {
  const still = useMemo(() => {
    const made = createInvestigationStore(moment.document, moment.revision);
    made.setState({ readOnly: true, still: true, saving: { kind: "kept", at: new Date() } });
    return made;
  }, [moment]);
  return (
    <InvestigationContext value={still}>
      <CurvesProvider>
        <RecordingsProvider investigationId={investigationId}>{children}</RecordingsProvider>
      </CurvesProvider>
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
          look={(revision) => void look(revision)}
          back={() => void back()}
          leave={() => setMoment(undefined)}
        />
      )}
      {moment ? (
        <Shown key={moment.revision} investigationId={investigationId} moment={moment}>
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
