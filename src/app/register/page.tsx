import type { Metadata } from "next";
import { pageTitle } from "@/wording/windowTitles";
import { notFound } from "next/navigation";
import { connection } from "next/server";
import { personIfAny } from "@/app/access";
import { NewAccountPage } from "@/interface/account/NewAccountPage";
import { teachersMayRegister } from "@/server/settings/teachersMayRegister";

export const generateMetadata = (): Metadata => ({ title: pageTitle("register") });

/** Where a teacher begins an account without an invitation, on a server that is open to all. */
export default async function Register() {
  await connection();
  if (!teachersMayRegister()) notFound();
  return <NewAccountPage invited={false} person={await personIfAny()} />;
}
