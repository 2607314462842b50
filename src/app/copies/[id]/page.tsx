import type { Metadata } from "next";
import { pageTitle } from "@/wording/windowTitles";
import { investigationForSharing } from "@/app/access";
import { signOutAction } from "@/app/sign-in/actions";
import { CopiesPage } from "@/interface/copies/CopiesPage";
import { AwayPage } from "@/interface/shell/AwayPage";
import { copiesOf } from "@/server/copies/readingCopies";
import { storedInvestigation } from "@/server/investigations/loadInvestigation";
import { makeCopyAction, revokeCopyAction } from "./actions";

export const generateMetadata = (): Metadata => ({ title: pageTitle("copies") });

/** The reading copies of an investigation. */
export default async function Copies({ params }: { params: Promise<{ id: string }> }) {
  const entry = await investigationForSharing((await params).id);
  if (entry === "away") return <AwayPage />;
  const { investigationId, person } = entry;
  const { title } = await storedInvestigation(investigationId);
  return (
    <CopiesPage
      person={person}
      investigation={{ id: investigationId, title }}
      copies={await copiesOf(investigationId)}
      make={makeCopyAction}
      revoke={revokeCopyAction}
      signOut={signOutAction}
    />
  );
}
