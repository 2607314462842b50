import type { Metadata } from "next";
import { pageTitle } from "@/wording/windowTitles";
import { connection } from "next/server";
import { SignInPage } from "@/interface/shell/SignInPage";
import { teachersMayRegister } from "@/server/settings/teachersMayRegister";
import { demoAccounts, demoMode } from "@/server/access/demoMode";

export const generateMetadata = (): Metadata => ({ title: pageTitle("sign-in") });

/** The page on which one signs in. */
export default async function SignIn() {
  await connection();
  return (
    <SignInPage demoAccounts={demoMode() ? demoAccounts : []} register={teachersMayRegister()} />
  );
}
