"use client";

import { LastResort } from "@/interface/shell/LastResort";

/** What is shown where a page of the house falls over. */
export default function HouseError({ error }: { error: Error }) {
  return <LastResort error={error} />;
}
