"use client";

import { useEffect } from "react";
import { reportFault } from "../store/reportFault";
import { AwayPage } from "./AwayPage";

/** A page that fell over: the server is told what happened, and one can try again. */
export default function FallenPage({ error }: { error: Error }) {
  useEffect(() => reportFault("page", error), [error]);
  return <AwayPage />;
}
