import { connection } from "next/server";
import { SignInPage } from "@/interface/shell/SignInPage";
import { demoAccounts, demoMode } from "@/server/access/demoMode";
import { signInAction } from "./actions";

export default async function SignIn() {
  await connection();
  return <SignInPage signIn={signInAction} demoAccounts={demoMode() ? demoAccounts : []} />;
}
