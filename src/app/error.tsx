"use client";

import { useEffect } from "react";
import { reportFault } from "@/interface/store/reportFault";
import { AwayPage } from "@/interface/shell/AwayPage";

/** What is shown where a page of the house falls over. */
export default function HouseError({ error }: { error: Error }) {
  useEffect(() => reportFault("page", error), [error]);
  return <AwayPage />;
}
