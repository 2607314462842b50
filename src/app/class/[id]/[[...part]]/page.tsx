import type { Metadata } from "next";
import { pageTitle } from "@/wording/windowTitles";
import { notFound, redirect } from "next/navigation";
import type { ReactNode } from "react";
import { classForPage } from "@/app/access";
import { signOutAction } from "@/app/sign-in/actions";
import { BenchesMargin } from "@/interface/class/BenchesMargin";
import { BenchesPart } from "@/interface/class/BenchesPart";
import type { BenchChanges, ClassChanges } from "@/interface/class/classChanges";
import { ClassPage, type ClassPart } from "@/interface/class/ClassPage";
import { PeopleMargin, PeoplePart } from "@/interface/class/PeoplePart";
import { RulesMargin, RulesPart } from "@/interface/class/RulesPart";
import { SetPart } from "@/interface/class/SetPart";
import { OverviewMargin } from "@/interface/overview/OverviewMargin";
import { OverviewPart } from "@/interface/overview/OverviewPart";
import { OverviewProvider } from "@/interface/overview/OverviewProvider";
import { AwayPage } from "@/interface/shell/AwayPage";
import type { Overview } from "@/protocol/overview";
import { openExperiment } from "@/server/benches/benchLists";
import { overviewNow } from "@/server/overview/overviewNow";
import { openClass } from "@/server/classes/classes";
import { listShelf } from "@/server/investigations/listShelf";
import {
  addTeacherAction,
  archiveAction,
  beginByNamesAction,
  givePasswordAction,
  nameClassAction,
  openJoiningAction,
  renameStudentAction,
  renewCodeAction,
  setRulesAction,
  takeLookAction,
  takeOutAction,
} from "../actions";
import {
  asInAction,
  eachAloneAction,
  endExperimentAction,
  inTwosAction,
  ownBenchesAction,
  poolAction,
  returnAllAction,
  seatAction,
  setDueAction,
  setExperimentAction,
  setTimeZoneAction,
  setWordAction,
  showOverviewAction,
} from "../benchActions";

interface Props {
  params: Promise<{ id: string; part?: string[] }>;
}

const changes: ClassChanges = {
  name: nameClassAction,
  archive: archiveAction,
  renewCode: renewCodeAction,
  openJoining: openJoiningAction,
  renameStudent: renameStudentAction,
  takeOut: takeOutAction,
  givePassword: givePasswordAction,
  setRules: setRulesAction,
  takeLook: takeLookAction,
  addTeacher: addTeacherAction,
  beginByNames: beginByNamesAction,
};

const benches: BenchChanges = {
  set: setExperimentAction,
  seat: seatAction,
  eachAlone: eachAloneAction,
  inTwos: inTwosAction,
  asIn: asInAction,
  ownBenches: ownBenchesAction,
  setWord: setWordAction,
  setDue: setDueAction,
  setTimeZone: setTimeZoneAction,
  show: showOverviewAction,
  pool: poolAction,
  returnAll: returnAllAction,
  end: endExperimentAction,
};

/** Which part of a class an address names; undefined for none that there is. */
function partOf([name, id, view]: readonly string[]): ClassPart | undefined {
  if (name === "people" || name === "house-rules" || name === "set") return name;
  if (name !== "experiment" || id === undefined) return undefined;
  if (view === undefined) return { experiment: id, view: "glance" };
  return view === "benches" ? { experiment: id, view } : undefined;
}

type OfClass = Awaited<ReturnType<typeof openClass>>;

/** An experiment: how its benches are, or who sits at them. */
async function experimentShown(
  { experiment: id, view }: Extract<ClassPart, object>,
  opened: OfClass,
): Promise<Shown> {
  if (!opened.experiments.some((one) => one.id === id)) notFound();
  const experiment = await openExperiment(id, opened.id);
  const both = { classId: opened.id, opened: experiment, changes: benches };
  const others = opened.experiments.filter((one) => one.id !== id);
  if (view === "benches") {
    return { page: <BenchesPart {...both} />, margin: <BenchesMargin {...both} others={others} /> };
  }
  const now = await overviewNow(id, opened.id);
  if (!now) notFound();
  return {
    page: <OverviewPart classId={opened.id} experimentId={id} />,
    margin: <OverviewMargin {...both} />,
    overview: { experimentId: id, first: now.overview },
  };
}

interface Shown {
  readonly page: ReactNode;
  readonly margin: ReactNode;
  /** What both show in common, where that is an overview. */
  readonly overview?: { readonly experimentId: string; readonly first: Overview };
}

/** What stands on the page and in its margin. */
async function partShown(part: ClassPart, opened: OfClass, personId: string): Promise<Shown> {
  if (part === "people") {
    const both = { opened, changes };
    return { page: <PeoplePart {...both} />, margin: <PeopleMargin {...both} /> };
  }
  if (typeof part === "object") return experimentShown(part, opened);
  const { entries } = await listShelf(personId);
  const own = entries.map(({ id, title, isBrief }) => ({ id, title, isBrief }));
  if (part === "set") {
    return { page: <SetPart opened={opened} own={own} set={benches.set} />, margin: null };
  }
  const both = { opened, changes };
  return { page: <RulesPart {...both} />, margin: <RulesMargin {...both} own={own} /> };
}

export const generateMetadata = (): Metadata => ({ title: pageTitle("class") });

/** A class, for its teachers. */
export default async function SchoolClass({ params }: Props) {
  const { id, part: names } = await params;
  const entry = await classForPage(id);
  if (entry === "away") return <AwayPage />;
  const opened = await openClass(entry.classId);
  if (!names) {
    const [newest] = opened.experiments;
    redirect(newest ? `/class/${id}/experiment/${newest.id}` : `/class/${id}/people`);
  }
  const part = partOf(names);
  if (!part) notFound();
  const { person } = entry;
  const { page, margin, overview } = await partShown(part, opened, person.id);
  const shown = (
    <ClassPage person={person} opened={opened} part={part} margin={margin} signOut={signOutAction}>
      {page}
    </ClassPage>
  );
  return overview ? <OverviewProvider key={overview.experimentId} {...overview}>{shown}</OverviewProvider> : shown;
} // prettier-ignore
