import type { Metadata } from "next";
import { investigationForPage } from "@/app/access";
import { endTourAction } from "@/app/shelf/actions";
import { signOutAction } from "@/app/sign-in/actions";
import { BrokenPage } from "@/interface/shell/BrokenPage";
import { Workspace } from "@/interface/shell/Workspace";
import { loadInvestigation, storedInvestigation } from "@/server/investigations/loadInvestigation";
import { UnreadableInvestigation } from "@/server/investigations/readStored";
import { benchOf, neighboursOf } from "@/server/benches/benchLists";
import { termsOf } from "@/server/briefs/terms";
import { rightsOf, type Standing } from "@/protocol/rights";
import { duplicateAction } from "@/app/shelf/actions";
import { goBackAction } from "./actions";
import { handInAction, openHandingAction, returnAction, takeBackAction } from "./handingActions";

const handing = {
  handIn: handInAction,
  takeBack: takeBackAction,
  open: openHandingAction,
  giveBack: returnAction,
};

/** The bench that works on it; a teacher goes from it to the next. */
async function benchFor(id: string, standing: Standing) {
  const bench = await benchOf(id);
  if (!bench || !rightsOf[standing].has("mark")) return bench;
  return { ...bench, neighbours: await neighboursOf(id) };
}

/** The window is named by the stage that is shown. */
export const metadata: Metadata = { title: null };

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
  if (entry === "away") {
    const nothing = { opened: undefined, takeCopy: duplicateAction };
    return (
      <Workspace
        investigationId={id}
        {...nothing}
        signOut={signOutAction}
        endTour={endTourAction}
        handing={handing}
      />
    );
  }
  const { person, standing } = entry;
  const found = await opened(id);
  if (found.kind !== "document") {
    const { kind, title } = found;
    const goBack = rightsOf[standing].has("edit") ? goBackAction : undefined;
    return <BrokenPage investigationId={id} title={title} why={kind} goBack={goBack} />;
  }
  return (
    <Workspace
      investigationId={id}
      opened={{
        person,
        ...found,
        standing,
        bench: await benchFor(id, standing),
        terms: await termsOf(id),
      }}
      takeCopy={duplicateAction}
      signOut={signOutAction}
      endTour={endTourAction}
      handing={handing}
    />
  );
}
