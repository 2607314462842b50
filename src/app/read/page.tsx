import type { Metadata } from "next";
import { pageTitle } from "@/wording/windowTitles";
import { connection } from "next/server";
import { ReadPage } from "@/interface/copies/ReadPage";

export const generateMetadata = (): Metadata => ({
  title: pageTitle("read"),
  robots: { index: false, follow: false },
});

/** Where the link of a reading copy leads; its token stands behind the #, which no log is told. */
export default async function Read() {
  await connection();
  return <ReadPage />;
}
