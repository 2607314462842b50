import type { Metadata } from "next";
import { pageTitle } from "@/wording/windowTitles";
import { redirect } from "next/navigation";
import { personForPage, sessionToken } from "@/app/access";
import { signOutAction } from "@/app/sign-in/actions";
import { AccountPage } from "@/interface/account/AccountPage";
import { AwayPage } from "@/interface/shell/AwayPage";
import { ownSessions } from "@/server/accounts/ownAccount";
import { experimentsFor } from "@/server/benches/benchLists";
import { listShelf } from "@/server/investigations/listShelf";
import {
  changeNameAction,
  changePasswordAction,
  deleteAccountAction,
  endSessionsAction,
  inviteAction,
} from "./actions";

export const generateMetadata = (): Metadata => ({ title: pageTitle("account") });

/** A person's own account. */
export default async function Account() {
  const person = await personForPage();
  if (person === "away") return <AwayPage />;
  const token = await sessionToken();
  if (token === undefined) redirect("/sign-in");
  const { entries } = await listShelf(person.id);
  const atBenches = (await experimentsFor(person.id)).flatMap(({ title, bench }) =>
    bench ? [{ id: bench.investigation, title }] : [],
  );
  return (
    <AccountPage
      person={person}
      sessions={await ownSessions(person.id, token)}
      investigations={[...entries, ...atBenches]}
      changeName={changeNameAction}
      changePassword={changePasswordAction}
      endSessions={endSessionsAction}
      deleteAccount={deleteAccountAction}
      invite={inviteAction}
      signOut={signOutAction}
    />
  );
}
