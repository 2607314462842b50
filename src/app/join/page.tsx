import type { Metadata } from "next";
import { pageTitle } from "@/wording/windowTitles";
import { connection } from "next/server";
import { personIfAny } from "@/app/access";
import { JoinPage } from "@/interface/class/JoinPage";
import { joinAction } from "./actions";

export const generateMetadata = (): Metadata => ({ title: pageTitle("join") });

/** Where a joining code leads; the code stands behind the # of a link, which no log is told. */
export default async function Join() {
  await connection();
  return <JoinPage person={await personIfAny()} join={joinAction} />;
}
