"use server";

import { revalidatePath } from "next/cache";
import { textsOnly } from "@/app/schoolReply";
import { investigationForAction } from "@/app/access";
import type { WantedCopy } from "@/protocol/copies";
import { makeCopy, revokeCopy } from "@/server/copies/readingCopies";

/** Makes a reading copy; its token is told once. */
export async function makeCopyAction(id: string, wanted: WantedCopy): Promise<string> {
  const { investigationId, person } = await investigationForAction(id, "share");
  const { live, days } = wanted;
  const token = await makeCopy(investigationId, person.id, { live: live === true, days });
  revalidatePath(`/copies/${investigationId}`);
  return token;
}

/** Lets a reading copy lead nowhere from now on. */
export async function revokeCopyAction(id: string, copyId: string): Promise<void> {
  textsOnly(copyId);
  const { investigationId } = await investigationForAction(id, "share");
  await revokeCopy(investigationId, copyId);
  revalidatePath(`/copies/${investigationId}`);
}
