import { investigationForPage } from "@/app/access";
import { endTourAction } from "@/app/shelf/actions";
import { signOutAction } from "@/app/sign-in/actions";
import { Workspace } from "@/interface/shell/Workspace";
import { loadInvestigation } from "@/server/investigations/loadInvestigation";

interface Props {
  params: Promise<{ id: string }>;
}

/** One investigation with its seven stages; which stage is in hand stands in the address. */
export default async function InvestigationPage({ params }: Props) {
  const { id } = await params;
  const entry = await investigationForPage(id);
  const opened =
    entry === "away"
      ? undefined
      : { person: entry.person, ...loadInvestigation(entry.investigation) };
  return (
    <Workspace
      investigationId={id}
      opened={opened}
      signOut={signOutAction}
      endTour={endTourAction}
    />
  );
}
