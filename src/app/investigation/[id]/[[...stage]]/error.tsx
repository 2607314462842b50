"use client";

import { useParams } from "next/navigation";
import { useEffect } from "react";
import { BrokenPage } from "@/interface/shell/BrokenPage";
import { reportFault } from "@/interface/store/reportFault";
import { goBackAction } from "./actions";

/** What is shown where a page falls over what an investigation holds. */
export default function InvestigationError({ error }: { error: Error }) {
  const { id } = useParams<{ id: string }>();
  useEffect(() => reportFault("page of an investigation", error), [error]);
  return <BrokenPage investigationId={id} title="" why="fell" goBack={goBackAction} />;
}
