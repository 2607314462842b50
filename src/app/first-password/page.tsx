import type { Metadata } from "next";
import { pageTitle } from "@/wording/windowTitles";
import { personForFirstPassword } from "@/app/access";
import { FirstPasswordPage } from "@/interface/account/FirstPasswordPage";
import { AwayPage } from "@/interface/shell/AwayPage";
import { firstPasswordAction } from "./actions";

export const generateMetadata = (): Metadata => ({ title: pageTitle("first-password") });

/** Where a password that was given is changed, before all else. */
export default async function FirstPassword() {
  const person = await personForFirstPassword();
  if (person === "away") return <AwayPage />;
  return <FirstPasswordPage name={person.name} change={firstPasswordAction} />;
}
