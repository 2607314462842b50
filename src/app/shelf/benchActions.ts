"use server";

import { revalidatePath } from "next/cache";
import { schoolReply, textsOnly } from "@/app/schoolReply";
import { askedFrom, personForPage } from "@/app/access";
import type { SchoolReply } from "@/protocol/accounts";
import { SchoolRefused } from "@/server/accounts/people";
import { beginBench, joinBench, leaveOwnBench } from "@/server/benches/findingBenches";

/** Does something for a student where students find their benches themselves. */
async function finding(
  texts: readonly unknown[],
  find: (personId: string) => Promise<void>,
): Promise<SchoolReply> {
  const came = await schoolReply(async () => {
    const person = await personForPage();
    if (person === "away") throw new SchoolRefused("away");
    textsOnly(...texts);
    await find(person.id);
  });
  revalidatePath("/shelf");
  return came;
}

/** Begins a bench. */
export async function beginBenchAction(experimentId: string): Promise<SchoolReply> {
  return finding([experimentId], (personId) => beginBench(experimentId, personId));
}

/** Joins the bench that has a word. */
export async function joinBenchAction(experimentId: string, word: string): Promise<SchoolReply> {
  return finding([experimentId, word], async (personId) =>
    joinBench(experimentId, personId, { word, address: await askedFrom() }),
  );
}

/** Leaves a bench; a copy of what it did stays. */
export async function leaveBenchAction(experimentId: string): Promise<SchoolReply> {
  return finding([experimentId], (personId) => leaveOwnBench(experimentId, personId));
}
