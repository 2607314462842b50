import type { Metadata } from "next";
import { pageTitle } from "@/wording/windowTitles";
import { notFound } from "next/navigation";
import { overviewForPage } from "@/app/access";
import { ProjectorPage } from "@/interface/overview/ProjectorPage";
import { AwayPage } from "@/interface/shell/AwayPage";
import { overviewNow } from "@/server/overview/overviewNow";
import { overviewSeen } from "@/server/overview/sight";

interface Props {
  params: Promise<{ id: string }>;
}

export const generateMetadata = (): Metadata => ({ title: pageTitle("overview") });

/** The benches of an experiment for all to see: at the projector, or for students of the class where it is shown to them. */
export default async function OverviewForAll({ params }: Props) {
  const entry = await overviewForPage((await params).id);
  if (entry === "away") return <AwayPage />;
  const { experimentId, sighted } = entry;
  const { classId, sight } = sighted;
  const now = await overviewNow(experimentId, classId);
  if (!now) notFound();
  const first = overviewSeen(now.overview, sighted);
  const back = sight === "teacher" ? `/class/${classId}/experiment/${experimentId}` : "/shelf";
  return <ProjectorPage experimentId={experimentId} first={first} sight={sight} back={back} />;
}
