import { connection } from "next/server";
import { SignInPage } from "@/interface/shell/SignInPage";
import { teachersMayRegister } from "@/server/settings/teachersMayRegister";
import { demoAccounts, demoMode } from "@/server/access/demoMode";

/** The page on which one signs in. */
export default async function SignIn() {
  await connection();
  return (
    <SignInPage demoAccounts={demoMode() ? demoAccounts : []} register={teachersMayRegister()} />
  );
}
