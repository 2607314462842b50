import type { Metadata } from "next";
import { pageTitles } from "@/wording/windowTitles";
import { personForFirstPassword } from "@/app/access";
import { FirstPasswordPage } from "@/interface/account/FirstPasswordPage";
import { AwayPage } from "@/interface/shell/AwayPage";
import { firstPasswordAction } from "./actions";

export const metadata: Metadata = { title: pageTitles["first-password"] };

/** Where a password that was given is changed, before all else. */
export default async function FirstPassword() {
  const person = await personForFirstPassword();
  if (person === "away") return <AwayPage />;
  return <FirstPasswordPage name={person.name} change={firstPasswordAction} />;
}
