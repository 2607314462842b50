import type { Metadata } from "next";
import { investigationForPage } from "@/app/access";
import { sheetActions } from "@/app/sheetActions";
import { BrokenPage } from "@/interface/shell/BrokenPage";
import { Workspace } from "@/interface/shell/Workspace";
import { loadInvestigation, storedInvestigation } from "@/server/investigations/loadInvestigation";
import { UnreadableInvestigation } from "@/server/investigations/readStored";
import { benchOf, neighboursOf } from "@/server/benches/benchLists";
import { termsOf } from "@/server/briefs/terms";
import { rightsOf, type Standing } from "@/protocol/rights";
import { goBackAction } from "./actions";

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
    return <Workspace investigationId={id} opened={undefined} {...sheetActions} />;
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
      {...sheetActions}
    />
  );
}
