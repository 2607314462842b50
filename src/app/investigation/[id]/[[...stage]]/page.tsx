import { investigationForPage } from "@/app/access";
import { endTourAction } from "@/app/shelf/actions";
import { signOutAction } from "@/app/sign-in/actions";
import { BrokenPage } from "@/interface/shell/BrokenPage";
import { Workspace } from "@/interface/shell/Workspace";
import {
  loadInvestigation,
  UnreadableInvestigation,
} from "@/server/investigations/loadInvestigation";
import { goBackAction } from "./actions";

interface Props {
  params: Promise<{ id: string }>;
}

type Entry = Exclude<Awaited<ReturnType<typeof investigationForPage>>, "away">;

/** The document and who opens it; undefined where what is stored can't be read. */
function openedFrom({ person, investigation }: Entry) {
  try {
    return { person, ...loadInvestigation(investigation) };
  } catch (error) {
    if (error instanceof UnreadableInvestigation) return undefined;
    throw error;
  }
}

/** One investigation with its seven stages; which stage is in hand stands in the address. */
export default async function InvestigationPage({ params }: Props) {
  const { id } = await params;
  const entry = await investigationForPage(id);
  const opened = entry === "away" ? undefined : openedFrom(entry);
  if (entry !== "away" && !opened) {
    const { title } = entry.investigation;
    return <BrokenPage investigationId={id} title={title} unreadable goBack={goBackAction} />;
  }
  return (
    <Workspace
      investigationId={id}
      opened={opened}
      signOut={signOutAction}
      endTour={endTourAction}
    />
  );
}
