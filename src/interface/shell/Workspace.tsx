"use client";

import { markDecimals } from "@/wording/language/spoken";
import { awayWords } from "@/wording/away";
import { fetchedOrEnglish, isInHand } from "@/wording/language/fetched";
import { type ReactNode, use, useCallback, useEffect, useMemo, useState } from "react";
import type { StageId } from "@/wording/stages";
import { BriefLine, BriefMargin, TermsMargin } from "../brief/laterBrief";
import { useCommandKeys } from "../commands/useCommandKeys";
import { ReadingsDrawer } from "../measure/ReadingsDrawer";
import { useLanguage } from "../language/Speaking";
import { BenchLine } from "./BenchLine";
import type { HandingChanges } from "../handing/handingChanges";
import { HandInHere } from "../handing/HandIn";
import { LookingBack } from "../history/LookingBack";
import { MarksProvider } from "../marks/MarksProvider";
import { useMarks } from "../marks/useMarks";
import { type CalledReading, DrawerCallContext } from "../parts/DrawerCall";
import { DrawerSlot } from "../parts/DrawerSlot";
import { MarginHead } from "../parts/MarginHead";
import { CurvesProvider } from "../store/CurvesProvider";
import { RecordingsProvider } from "../recordings/RecordingsProvider";
import { RemarksProvider, useOpenRemarks } from "../remarks/RemarksProvider";
import { rightsOf } from "@/protocol/rights";
import { FigureInHandContext } from "../store/figureInHand";
import {
  InvestigationContext,
  useInvestigation,
  useInvestigationStore,
} from "../store/useInvestigation";
import { AwayPage } from "./AwayPage";
import { ClosedPage } from "./ClosedPage";
import { Header } from "./Header";
import {
  FirstTour,
  PreparedReport,
  RemarkedThings,
  RemarksMargin,
  Room,
  useRoomsAhead,
} from "./laterRooms";
import { Notices } from "./Notices";
import { StageRule } from "./StageRule";
import { BenchPeopleContext, HandsOfOthers } from "../together/Together";
import { usePresence } from "../together/usePresence";
import { useStage } from "../parts/stagePath";
import { useLive } from "../parts/useLive";
import { type Opened, useOpenInvestigation } from "./useOpenInvestigation";
import { useArrival } from "../keys/useArrival";
import { useMarginKey } from "../keys/useMarginKey";
import { useSpokenActs } from "../keys/useSpokenActs";
import { useStageKeys } from "./useStageKeys";

export interface WorkspaceProps {
  investigationId: string;
  opened: Opened | undefined;
  signOut: () => Promise<void>;
  /** Puts a copy on the shelf of one who reads. */
  takeCopy: (id: string) => Promise<void>;
  handing: HandingChanges;
  /** Remembers that the first tour is over. */
  endTour: () => Promise<void>;
}

type Props = WorkspaceProps;

/** The rule with the number of pencil marks that wait at each stage. */
function Stages(props: { investigationId: string; stage: StageId }) {
  const marks: Partial<Record<StageId, number>> = {};
  for (const mark of useMarks()) {
    if (mark.answer === undefined) marks[mark.stage] = (marks[mark.stage] ?? 0) + 1;
  }
  return <StageRule {...props} marks={marks} remarks={useOpenRemarks()} />;
}

/** What keys do on every stage, and what is heard of it; what the window is called. */
function useKeys(investigationId: string, stage: StageId): string {
  useRoomsAhead(stage);
  useStageKeys(investigationId);
  useMarginKey();
  useSpokenActs();
  useCommandKeys(useInvestigationStore());
  return useArrival(stage);
}

function Bench(props: Props) {
  const { investigationId, opened, signOut, endTour } = props;
  const stage = useStage();
  const live = useLive();
  const [open, setOpen] = useState(false);
  const [called, setCalled] = useState<CalledReading>();
  const [figure, setFigure] = useState<string>();
  const inHand = useMemo(() => ({ id: figure, choose: setFigure }), [figure]);
  const call = useCallback((reading: CalledReading) => {
    setCalled(reading);
    setOpen(true);
  }, []);
  const windowTitle = useKeys(investigationId, stage);
  const ofBench = useInvestigation((state) => state.ofBench);
  const head = ofBench ? (
    <>
      <RemarksMargin investigationId={investigationId} stage={stage} />
      <TermsMargin investigationId={investigationId} stage={stage} />
    </>
  ) : (
    <BriefMargin stage={stage} />
  );
  return (
    <MarksProvider>
      <title>{windowTitle}</title>
      {opened && !opened.person.toured && (
        <FirstTour investigationId={investigationId} stage={stage} endTour={endTour} />
      )}
      <div data-live={live} className="flex min-h-screen flex-col min-[900px]:h-screen">
        <Header person={opened?.person} bench={opened?.bench} signOut={signOut}>
          <HandInHere investigationId={investigationId} handIn={props.handing.handIn} />
        </Header>
        <Stages investigationId={investigationId} stage={stage} />
        {stage !== "writeup" && <PreparedReport />}
        <BenchLine {...props} />
        {!ofBench && <BriefLine />}
        <Notices investigationId={investigationId} />
        <FigureInHandContext value={inHand}>
          <DrawerCallContext value={call}>
            <DrawerSlot
              value={
                stage === "measure" ? null : (
                  <ReadingsDrawer open={open} onOpen={setOpen} called={called} />
                )
              }
            >
              <MarginHead value={head}>
                <Room stage={stage} />
              </MarginHead>
            </DrawerSlot>
          </DrawerCallContext>
        </FigureInHandContext>
      </div>
    </MarksProvider>
  );
}

/** The bench with a teacher's remarks, where it is a bench's. */
function WithRemarks(props: Props) {
  const { investigationId, opened } = props;
  if (!opened?.bench) {
    return <Bench {...props} />;
  }
  return (
    <RemarksProvider
      investigationId={investigationId}
      person={opened.person.name}
      teacher={rightsOf[opened.standing].has("mark")}
    >
      <RemarkedThings />
      <Bench {...props} />
    </RemarksProvider>
  );
}

/** Sentences write their numbers as the tables of the investigation do. */
function useItsDecimals(): void {
  const mark = useInvestigation((state) => state.document.houseRules.decimalMark);
  if (typeof window !== "undefined") markDecimals(mark);
  useEffect(() => {
    markDecimals(mark);
    return () => markDecimals(undefined);
  }, [mark]);
}

/**
 * Figures and the report are shown once the words of their language are in hand; where those can't be had they are in
 * English. What was shown before stays until then: a boundary of its own would hide the page, and would part what the
 * server writes of it, so that no table is seen before all scripts have run.
 */
function InItsLanguage({ children }: { children: ReactNode }) {
  const language = useInvestigation((state) => state.document.houseRules.language);
  if (typeof window !== "undefined" && !isInHand(language)) use(fetchedOrEnglish(language));
  return children;
}

/** The bench, or why it is open no longer: what is no one's own can be taken from one. */
function OpenOrClosed(props: Props) {
  const lost = useInvestigation(({ saving }) => saving.kind === "lost");
  const { opened } = props;
  const stage = useStage();
  useItsDecimals();
  usePresence(props.investigationId, stage, opened?.bench !== undefined);
  const people = useMemo(() => opened?.bench?.people.map(({ id }) => id) ?? [], [opened]);
  if (lost && opened && opened.standing !== "owner") return <ClosedPage />;
  return (
    <BenchPeopleContext value={people}>
      <RecordingsProvider investigationId={props.investigationId}>
        <LookingBack investigationId={props.investigationId}>
          <HandsOfOthers>
            <WithRemarks {...props} />
          </HandsOfOthers>
        </LookingBack>
      </RecordingsProvider>
    </BenchPeopleContext>
  );
}

/** One investigation open on the bench: header, rule, page and margin; drawn anew, but kept as it stands, when the language changes. */
export function Workspace(props: Props) {
  useLanguage();
  const { store, missing } = useOpenInvestigation(props.investigationId, props.opened);
  if (missing) return <AwayPage text={awayWords.noCopy} />;
  if (!store) return null;
  return (
    <InvestigationContext value={store}>
      <InItsLanguage>
        <CurvesProvider>
          <OpenOrClosed {...props} />
        </CurvesProvider>
      </InItsLanguage>
    </InvestigationContext>
  );
}
