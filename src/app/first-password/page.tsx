import { personForFirstPassword } from "@/app/access";
import { FirstPasswordPage } from "@/interface/account/FirstPasswordPage";
import { AwayPage } from "@/interface/shell/AwayPage";
import { firstPasswordAction } from "./actions";

/** Where a password that was given is changed, before all else. */
export default async function FirstPassword() {
  const person = await personForFirstPassword();
  if (person === "away") return <AwayPage />;
  return <FirstPasswordPage name={person.name} change={firstPasswordAction} />;
}
