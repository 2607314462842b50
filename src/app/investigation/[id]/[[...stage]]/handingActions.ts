"use server";

import { investigationForAction } from "@/app/access";
import { schoolReply } from "@/app/schoolReply";
import type { SchoolReply } from "@/protocol/accounts";
import { handIn, openHanding, returnHanding, takeBack } from "@/server/handing/handings";

/** Hands in the sheet of one's bench. */
export async function handInAction(id: string): Promise<SchoolReply> {
  const { investigationId, person } = await investigationForAction(id, "hand-in");
  return schoolReply(() => handIn(investigationId, person.id));
}

/** Takes back what one's bench handed in. */
export async function takeBackAction(id: string): Promise<SchoolReply> {
  const { investigationId } = await investigationForAction(id, "take-back");
  return schoolReply(() => takeBack(investigationId));
}

/** Notes that a teacher of the bench's class has opened what was handed in. */
export async function openHandingAction(id: string): Promise<SchoolReply> {
  const { investigationId } = await investigationForAction(id, "mark");
  return schoolReply(() => openHanding(investigationId));
}

/** Gives a sheet back to its bench. */
export async function returnAction(id: string): Promise<SchoolReply> {
  const { investigationId, person } = await investigationForAction(id, "mark");
  return schoolReply(() => returnHanding(investigationId, person.id));
}
