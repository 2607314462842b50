import { investigationForPage } from "@/app/access";
import { endTourAction } from "@/app/shelf/actions";
import { signOutAction } from "@/app/sign-in/actions";
import { BrokenPage } from "@/interface/shell/BrokenPage";
import { Workspace } from "@/interface/shell/Workspace";
import {
  loadInvestigation,
  storedInvestigation,
  UnreadableInvestigation,
} from "@/server/investigations/loadInvestigation";
import { goBackAction } from "./actions";

interface Props {
  params: Promise<{ id: string }>;
}

/** The document, or why what is stored can't be read. */
async function opened(id: string) {
  try {
    return { kind: "document", ...(await loadInvestigation(id)) } as const;
  } catch (error) {
    if (!(error instanceof UnreadableInvestigation)) throw error;
    const { title } = await storedInvestigation(id);
    return { kind: error.newer ? "newer" : "unreadable", title } as const;
  }
}

/** One investigation with its seven stages; which stage is in hand stands in the address. */
export default async function InvestigationPage({ params }: Props) {
  const { id } = await params;
  const entry = await investigationForPage(id);
  const found = entry === "away" ? undefined : await opened(id);
  if (found && found.kind !== "document") {
    const { kind, title } = found;
    return <BrokenPage investigationId={id} title={title} why={kind} goBack={goBackAction} />;
  }
  return (
    <Workspace
      investigationId={id}
      opened={entry === "away" || !found ? undefined : { person: entry.person, ...found }}
      signOut={signOutAction}
      endTour={endTourAction}
    />
  );
}
