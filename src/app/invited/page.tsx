import type { Metadata } from "next";
import { pageTitle } from "@/wording/windowTitles";
import { connection } from "next/server";
import { personIfAny } from "@/app/access";
import { NewAccountPage } from "@/interface/account/NewAccountPage";

export const generateMetadata = (): Metadata => ({ title: pageTitle("invited") });

/** Where an invitation leads; its token stands behind the # of the address, which no server and no log is told. */
export default async function Invited() {
  await connection();
  return <NewAccountPage invited person={await personIfAny()} />;
}
