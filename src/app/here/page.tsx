import type { Metadata } from "next";
import { connection } from "next/server";
import { sheetActions } from "@/app/sheetActions";
import { HerePage } from "@/interface/offline/HerePage";
import { pageTitle } from "@/wording/windowTitles";

export const generateMetadata = (): Metadata => ({ title: pageTitle("here") });

/** What this device holds; it holds nothing of anybody itself, and is kept on the device for when the server is away. */
export default async function Here() {
  await connection();
  return <HerePage {...sheetActions} />;
}
